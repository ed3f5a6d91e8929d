<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Hex;
use Ektype\App\Request\Within;
use Ektype\Core\Film\FilmWay;
use Ektype\Core\Method\Spot\SpotSeparation;

/** A print that is wanted, and the films for it; what its method leaves to choose is asked for beside it. */
final readonly class SeparateAsked
{
    public function __construct(
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public float $widthMm,
        #[Hex]
        public string $garment,
        #[Within(100, 2880, 'dpi')]
        public float $dpi = 600.0,
        public ?string $palette = null,
        public ?string $curve = null,
        public string $formats = 'pdf,png',
        public ?string $media = null,
        public bool $stepWedge = false,
        public bool $mirrored = false,
        public bool $negative = false,
        #[Within(1, FilmWay::MOST_COPIES)]
        public int $copies = 1,
        public string $out = '',
        public string $method = 'spot',
    ) {
    }
}
