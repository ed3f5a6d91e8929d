<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A mark by the name that it has on the film, at its place on the platen. */
#[OA\Schema]
final readonly class MarkPlaceView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $xMm,
        #[OA\Property]
        public float $yMm,
    ) {
    }
}
