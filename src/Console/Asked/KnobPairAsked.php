<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Unit\Quantity;

/** How far a knob was turned, and how far the frame moved there, along the way that it pushes. */
final readonly class KnobPairAsked
{
    public function __construct(
        #[Bounded(Quantity::KnobTurns)]
        public float $turns,
        #[Within(-50, 50, 'mm')]
        public float $movedMm,
    ) {
    }
}
