<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A spot to look at on every strike-off, mm from the print's top left corner. */
#[OA\Schema]
final readonly class WitnessView
{
    public function __construct(
        #[OA\Property]
        public float $xMm,
        #[OA\Property]
        public float $yMm,
        #[OA\Property]
        public int $plates,
    ) {
    }
}
