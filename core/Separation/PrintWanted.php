<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;

/** What the plates are for: the size of the print, the garment, the films, the press, and the inks of the shelf that were named. */
final readonly class PrintWanted
{
    /**
     * @param float                $dpi     film pixels per inch
     * @param float|null           $sigmaMm how far the press’s prints scatter; null where nobody measured it
     * @param array<int, GivenInk> $shelf   by the number that a plan names them with
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public float $dpi,
        public ?float $sigmaMm,
        public array $shelf = [],
    ) {
    }
}
