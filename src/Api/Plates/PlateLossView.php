<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use OpenApi\Attributes as OA;

/** What losing one plate costs, in share of the printed area seen to change and in mean ΔE00. */
#[OA\Schema]
final readonly class PlateLossView
{
    public function __construct(
        #[OA\Property]
        public int $plateId,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $droppedChangedPct,
        #[OA\Property]
        public float $droppedMeanDeltaE,
        #[OA\Property]
        public ?string $mergedInto,
        #[OA\Property]
        public ?float $mergedChangedPct,
        #[OA\Property]
        public ?float $mergedMeanDeltaE,
    ) {
    }
}
