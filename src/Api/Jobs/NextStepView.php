<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** What must be done next: one sentence and its button. */
#[OA\Schema]
final readonly class NextStepView
{
    public function __construct(
        #[OA\Property(enum: ['art', 'plates', 'films', 'screens', 'light', 'press', 'run', 'after'])]
        public string $stage,
        #[OA\Property]
        public string $sentence,
        #[OA\Property]
        public string $button,
        #[OA\Property(enum: ['separate', 'films', 'go'])]
        public string $does,
        #[OA\Property]
        public ?int $plateId,
    ) {
    }
}
