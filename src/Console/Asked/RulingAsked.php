<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Unit\Quantity;

/** A ruling and its angle. */
final readonly class RulingAsked
{
    public function __construct(
        #[Bounded(Quantity::Ruling)]
        public float $lpi,
        #[Bounded(Quantity::DotAngle)]
        public float $angle,
    ) {
    }

    public function halftone(): Halftone
    {
        return new Halftone($this->lpi, $this->angle);
    }
}
