<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use OpenApi\Attributes as OA;

/** A screen of the plan with its steps. */
#[OA\Schema]
final readonly class PlannedScreenView
{
    /**
     * @param list<PlannedStepView> $steps
     * @param list<string>          $first
     */
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
        #[OA\Property]
        public ?int $frameId,
        #[OA\Property(description: 'Where its frame stands')]
        public string $rackPlace,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What must be done to its frame before it is coated')]
        public array $first,
        #[OA\Property(description: 'How it is coated; empty where it is')]
        public string $coat,
        #[OA\Property]
        public string $emulsion,
        #[OA\Property]
        public float $emulsionMl,
        #[OA\Property(description: 'Minutes late when the plan chooses')]
        public float $bestLateMin,
    ) {
    }
}
