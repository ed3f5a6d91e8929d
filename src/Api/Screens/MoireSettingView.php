<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use OpenApi\Attributes as OA;

/** A ruling and an angle with what they score. */
#[OA\Schema]
final readonly class MoireSettingView
{
    public function __construct(
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
