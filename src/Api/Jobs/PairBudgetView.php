<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** How far two neighbouring plates may shift against each other before something shows between them. */
#[OA\Schema]
final readonly class PairBudgetView
{
    public function __construct(
        #[OA\Property]
        public string $one,
        #[OA\Property]
        public string $two,
        #[OA\Property]
        public float $mm,
    ) {
    }
}
