<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

use Ektype\Core\Press\FilmPlacement;

/** A print that is to go on frames: its size, and the press’s own height from the frame’s end, mm. */
final readonly class PrintOnFrames
{
    /** @param float|null $centreFromEndMm null where no press is chosen: the middle of the frame */
    public function __construct(public float $widthMm, public float $heightMm, public ?float $centreFromEndMm)
    {
    }

    public function on(float $insideWidthMm, float $insideHeightMm): FilmPlacement
    {
        return new FilmPlacement(
            $insideWidthMm,
            $insideHeightMm,
            $this->widthMm,
            $this->heightMm,
            min($this->centreFromEndMm ?? $insideHeightMm / 2, $insideHeightMm),
        );
    }
}
