<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\Dot;

/** A chart of tones in the dots of a plate. */
final readonly class ChartAsked
{
    public function __construct(
        public float $lpi,
        public float $angle,
        public Dot $dot = Dot::Round,
        #[Within(100, 2880, 'dpi')]
        public float $dpi = 600.0,
        public string $formats = 'pdf,png',
        public string $out = '',
    ) {
    }
}
