<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Screen\Tension;

/** The frame of a plate, or what is taken until one is chosen. */
final readonly class FrameAtHand
{
    /** @param string|null $label null where none is chosen */
    public function __construct(public ?string $label, public float $insideWidthMm, public float $insideHeightMm, public float $tensionNPerCm)
    {
    }

    public static function usual(): self
    {
        return new self(null, 430.0, 520.0, Tension::USUAL);
    }
}
