<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/**
 * Where a plate landed at a mark, less where the key landed: millimetres, x to the operator's right, y away from the
 * operator, origin at the centre of the print.
 */
final readonly class Reading
{
    public function __construct(
        public string $mark,
        public float $xMm,
        public float $yMm,
        public float $offXMm,
        public float $offYMm,
    ) {
    }
}
