<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Screen\Tension;
use Ektype\Core\Unit\Quantity;

/** What a strike-off has shown of a plate along the stroke. */
final readonly class DragAsked
{
    public function __construct(
        #[Words(60)]
        public string $ink,
        #[Within(-5, 5, 'mm')]
        public float $alongStrokeMm,
        #[Bounded(Quantity::OffContact)]
        public float $offContactMm = 2.5,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $tensionNPerCm = 22.0,
    ) {
    }
}
