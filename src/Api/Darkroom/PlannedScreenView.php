<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use OpenApi\Attributes as OA;

/** A screen of the plan with its steps. */
#[OA\Schema]
final readonly class PlannedScreenView
{
    /** @param list<PlannedStepView> $steps */
    public function __construct(
        #[OA\Property]
        public int $plateId,
        #[OA\Property]
        public int $jobId,
        #[OA\Property]
        public string $job,
        #[OA\Property]
        public string $plate,
        #[OA\Property]
        public string $hex,
        #[OA\Property(description: 'Label of its frame; empty where none is chosen')]
        public string $frame,
        #[OA\Property]
        public string $lamp,
        #[OA\Property]
        public float $dueMin,
        #[OA\Property]
        public float $lateMin,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlannedStepView::class))]
        public array $steps,
    ) {
    }
}
