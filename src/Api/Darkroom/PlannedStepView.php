<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use OpenApi\Attributes as OA;

/** A step of a screen, in minutes from the start of the plan. */
#[OA\Schema]
final readonly class PlannedStepView
{
    public function __construct(
        #[OA\Property(enum: ['coat', 'dry', 'expose', 'wash', 'redry', 'tape'])]
        public string $step,
        #[OA\Property]
        public float $fromMin,
        #[OA\Property]
        public float $toMin,
        #[OA\Property(description: 'Drying place; null for what is not drying')]
        public ?int $place,
    ) {
    }
}
