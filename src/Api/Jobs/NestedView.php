<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** Where a film lies on the media. */
#[OA\Schema]
final readonly class NestedView
{
    public function __construct(
        #[OA\Property]
        public int $page,
        #[OA\Property]
        public float $xMm,
        #[OA\Property]
        public float $yMm,
        #[OA\Property]
        public bool $turned,
    ) {
    }
}
