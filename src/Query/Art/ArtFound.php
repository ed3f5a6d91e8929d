<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Separation\StrayShade;

/** What was found in it. */
final readonly class ArtFound
{
    /**
     * @param string              $kindFound flat, line or tonal; empty until separated
     * @param list<PaletteColour> $palette
     * @param list<StrayShade>    $strays
     * @param list<string>        $warnings
     * @param list<HeldFlat>      $flats     of a picture in tones
     */
    public function __construct(
        public bool $groundLeftOpen,
        public string $kindFound,
        public string $kindWhy,
        public array $palette,
        public array $strays,
        public array $warnings,
        public array $flats,
    ) {
    }
}
