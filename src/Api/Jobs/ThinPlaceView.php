<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A thin place, in mm from the print's top left corner, right and down. */
#[OA\Schema]
final readonly class ThinPlaceView
{
    public function __construct(
        #[OA\Property(enum: ['line', 'gap', 'base'])]
        public string $kind,
        #[OA\Property]
        public float $xMm,
        #[OA\Property]
        public float $yMm,
        #[OA\Property]
        public float $widthMm,
        #[OA\Property]
        public float $lengthMm,
    ) {
    }
}
