<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** A place where a plate is thin: a line of ink, or a gap between ink, with its width. Millimetres from the print's top left corner, right and down. */
final readonly class ThinPlace
{
    /** @param float $lengthMm how much of it lies within the place */
    public function __construct(
        public float $xMm,
        public float $yMm,
        public float $widthMm,
        public float $lengthMm,
    ) {
    }
}
