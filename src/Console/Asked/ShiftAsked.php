<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Unit\Quantity;

/** A print on a mesh that is pressed down, and its drag. */
final readonly class ShiftAsked
{
    public function __construct(
        #[Within(50, 5000, 'mm')]
        public float $freeMm,
        #[Bounded(Quantity::OffContact)]
        public float $offContactMm,
        #[Bounded(Quantity::PrintCentre)]
        public float $centreFromEndMm,
        #[Within(1, 5000, 'mm')]
        public float $heightMm,
        #[Within(-5, 5, 'mm')]
        public ?float $dragMm = null,
        #[Within(-5, 5, 'mm')]
        public ?float $keyDragMm = null,
        public bool $toFilms = true,
    ) {
    }
}
