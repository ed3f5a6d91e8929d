<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Choice\RulingSchool;

/** Dots of a ruling on a mesh. */
final readonly class DotsAsked
{
    /** @param float $divisor the school: threads per inch by this are the finest ruling */
    public function __construct(
        public MeshAsked $mesh,
        public float $lpi,
        #[Within(3, 8)]
        public float $divisor = RulingSchool::USUAL,
    ) {
    }
}
