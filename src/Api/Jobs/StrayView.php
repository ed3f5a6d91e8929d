<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A colour so near another that it is likely the same ink. */
#[OA\Schema]
final readonly class StrayView
{
    public function __construct(
        #[OA\Property]
        public string $stray,
        #[OA\Property]
        public string $into,
        #[OA\Property]
        public float $deltaE,
        #[OA\Property]
        public float $areaPct,
    ) {
    }
}
