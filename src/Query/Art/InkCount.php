<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** So many screens, with the inks that come nearest. */
final readonly class InkCount
{
    /**
     * @param int              $screens  base and highlight counted
     * @param list<WorthInk>   $inks     the one that is worth most first
     * @param float            $deltaE   how far a print is from the art in the mean, ΔE00
     * @param float            $p95      95 % of it is nearer
     * @param float            $muddyPct of the area that prints far off
     * @param list<MuddyPlace> $muddy
     */
    public function __construct(public int $screens, public array $inks, public float $deltaE, public float $p95, public float $muddyPct, public array $muddy)
    {
    }
}
