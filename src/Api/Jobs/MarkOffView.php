<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** The mean reading at a mark. */
#[OA\Schema]
final readonly class MarkOffView
{
    public function __construct(
        #[OA\Property]
        public string $mark,
        #[OA\Property]
        public float $xMm,
        #[OA\Property]
        public float $yMm,
        #[OA\Property]
        public float $offXMm,
        #[OA\Property]
        public float $offYMm,
    ) {
    }
}
