<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;

/** So many inks, the best of a shelf for a picture. */
final readonly class ChosenInks
{
    /** A colour that prints further off than this looks muddy, ΔE00 (heuristic). */
    public const MUDDY = 8.0;
    /** So many muddy colours are named. */
    public const LISTED = 6;
    /** So many colours tell where an ink is needed. */
    public const PLACES = 4;

    /**
     * @param list<int>         $inks       by their place on the shelf, the one that is worth most first
     * @param list<float>       $worth      how much further off the print is in the mean without each, ΔE00
     * @param float             $mean       how far the print is from the picture, ΔE00
     * @param float             $p95        95 % of the picture is nearer than this
     * @param float             $muddyShare of the picture, 0–1
     * @param list<ColourShare> $muddy      colours of it
     * @param list<list<Srgb>>  $where      for each ink the colours that need it most
     */
    public function __construct(
        public array $inks,
        public array $worth,
        public float $mean,
        public float $p95,
        public float $muddyShare,
        public array $muddy,
        public array $where = [],
    ) {
    }
}
