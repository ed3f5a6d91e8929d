<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;

/** What a strike-off has shown of a plate along the stroke. */
final readonly class DragAsked
{
    public function __construct(
        #[Words(60)]
        public string $ink,
        #[Within(-5, 5, 'mm')]
        public float $alongStrokeMm,
        #[Within(0.2, 20, 'mm')]
        public float $offContactMm = 2.5,
        #[Within(1, 80, 'N/cm')]
        public float $tensionNPerCm = 22.0,
    ) {
    }
}
