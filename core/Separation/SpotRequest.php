<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;

/** What a spot separation is asked for. */
final readonly class SpotRequest
{
    /** Choke of the base at manual register, mm (heuristic). */
    public const CHOKE_MM = 0.25;

    /**
     * @param float                 $widthMm     printed width of the whole picture
     * @param int|null              $inks        how many inks it may have at the most; null takes what is there
     * @param float                 $dpi         film pixels per inch
     * @param array<string, string> $merges      hex of a colour => hex of the colour that it prints as
     * @param list<string>          $leftOpen    hex of colours given to the garment
     * @param bool                  $printGround whether a paper-white ground prints all the same
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public ?int $inks = null,
        public float $dpi = 600,
        public float $chokeMm = self::CHOKE_MM,
        public array $merges = [],
        public array $leftOpen = [],
        public bool $printGround = false,
    ) {
    }
}
