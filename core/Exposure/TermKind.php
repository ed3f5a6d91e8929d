<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** A cause of a time of light. */
enum TermKind: string
{
    case Lamp = 'lamp';
    case Emulsion = 'emulsion';
    case Pair = 'lamp with emulsion';
    case Thickness = 'thickness';
    case Bend = 'bend of the thickness';
    case Dye = 'yellow mesh';
    case Film = 'film';
    case Ageing = 'age of the lamp';

    /** What it is counted as where a printer reads what makes a time unsure. */
    public function share(): string
    {
        return match ($this) {
            self::Bend => self::Thickness->value,
            default => $this->value,
        };
    }
}
