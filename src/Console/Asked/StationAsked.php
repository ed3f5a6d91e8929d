<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;

/** One screen of a run. */
final readonly class StationAsked
{
    public function __construct(
        #[Words(60)]
        public string $name,
        #[Within(1, 10)]
        public int $strokes = 1,
        #[Within(0, 120, 's')]
        public float $flashS = 0.0,
        #[Within(0, 120, 's')]
        public float $coolS = 0.0,
    ) {
    }
}
