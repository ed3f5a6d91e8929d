<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use OpenApi\Attributes as OA;

/** What each plate buys, and the best print for each number of inks. */
#[OA\Schema]
final readonly class CostView
{
    /**
     * @param list<CostRowView>   $ranked from all inks to one
     * @param list<PlateLossView> $each
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(ref: CostRowView::class))]
        public array $ranked,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlateLossView::class))]
        public array $each,
    ) {
    }
}
