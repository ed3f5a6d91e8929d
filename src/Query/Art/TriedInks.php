<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** What some inks would print. */
final readonly class TriedInks
{
    /**
     * @param float  $deltaE   how far the print is from the art in the mean, ΔE00
     * @param float  $p95      95 % of it is nearer
     * @param float  $muddyPct of the area that prints far off
     * @param string $picture  PNG as a data address
     */
    public function __construct(public float $deltaE, public float $p95, public float $muddyPct, public string $picture)
    {
    }
}
