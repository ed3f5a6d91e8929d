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
    /** How an emulsion’s own slope differs from that of all. */
    case OwnSlope = 'thickness by emulsion';
    /** What an emulsion of about one thickness needs beside what the sum says: the sum is not the whole truth. */
    case Lack = 'lack of fit';
    case Dye = 'yellow mesh';
    case Film = 'film';
    case Ageing = 'age of the lamp';

    /** What it is counted as where a printer reads what makes a time unsure. */
    public function share(): string
    {
        return match ($this) {
            self::Bend, self::OwnSlope, self::Lack => self::Thickness->value,
            default => $this->value,
        };
    }
}
