<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Method\Spot\SpotSeparation;

/** A picture in dots. */
final readonly class ToneAsked
{
    public function __construct(
        #[Within(5, SpotSeparation::WIDEST_MM, 'mm')]
        public float $widthMm,
        public float $lpi,
        public float $angle,
        public Dot $dot = Dot::Round,
        #[Within(100, 2880, 'dpi')]
        public float $dpi = 600.0,
        public ?string $curve = null,
        public string $out = '',
    ) {
    }
}
