<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use OpenApi\Attributes as OA;

/** The pattern between this plate and another that has tone. */
#[OA\Schema]
final readonly class MoirePairView
{
    public function __construct(
        #[OA\Property]
        public string $plate,
        #[OA\Property]
        public float $lpi,
        #[OA\Property]
        public float $angle,
        #[OA\Property]
        public float $score,
        #[OA\Property]
        public ?float $periodMm,
    ) {
    }
}
