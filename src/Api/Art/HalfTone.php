<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Mix\PlateCurves;

/** What a half tone of a plate prints as. */
final readonly class HalfTone
{
    /** @param float $prints % */
    public function __construct(
        #[Words(80)]
        public string $ink,
        #[Within(PlateCurves::LEAST, PlateCurves::MOST, '%')]
        public float $prints,
    ) {
    }
}
