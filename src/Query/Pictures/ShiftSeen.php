<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

/** How far a print changes its colour by a plate that is off. */
final readonly class ShiftSeen
{
    /**
     * @param float  $deltaE  in the mean of the print, ΔE00
     * @param float  $p95     95 % of it changes less
     * @param string $rosette what its dots make with those of the others, a sentence or two
     */
    public function __construct(public float $deltaE, public float $p95, public string $rosette)
    {
    }
}
