<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Plate\Halftone;

/** A ruling and its angle. */
final readonly class RulingAsked
{
    public function __construct(
        #[Within(5, 200, 'lines per inch')]
        public float $lpi,
        #[Within(-360, 360, 'degrees')]
        public float $angle,
    ) {
    }

    public function halftone(): Halftone
    {
        return new Halftone($this->lpi, $this->angle);
    }
}
