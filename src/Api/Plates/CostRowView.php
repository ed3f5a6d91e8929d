<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use OpenApi\Attributes as OA;

/** The best print with so many inks. */
#[OA\Schema]
final readonly class CostRowView
{
    /** @param list<BecomesView> $becomes what was given up, and what it prints as */
    public function __construct(
        #[OA\Property]
        public int $inks,
        #[OA\Property(type: 'array', items: new OA\Items(ref: BecomesView::class))]
        public array $becomes,
        #[OA\Property(description: 'Share of the printed area that changes by more than ΔE00 5')]
        public float $changedPct,
        #[OA\Property]
        public float $meanDeltaE,
        #[OA\Property]
        public float $p95DeltaE,
    ) {
    }
}
