<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * Where a plate landed at a mark, less where the key landed: millimetres, x to the operator's right, y away from the
 * operator, origin at the centre of the print.
 */
final readonly class Reading
{
    /** A misfit larger than this is no misfit but another place or unit, mm. */
    public const LARGEST_OFF_MM = 50.0;
    public const FARTHEST_MM = 3000.0;

    public function __construct(
        public string $mark,
        public float $xMm,
        public float $yMm,
        public float $offXMm,
        public float $offYMm,
    ) {
    }

    public function offMm(): float
    {
        return hypot($this->offXMm, $this->offYMm);
    }
}
