<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** A spot to look at on every strike-off, mm from the print's top left corner. */
final readonly class WitnessSpot
{
    /** @param int $plates how many meet there */
    public function __construct(public float $xMm, public float $yMm, public int $plates)
    {
    }
}
