<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A frame of the rack as a choice for a plate, best first. */
#[OA\Schema]
final readonly class FrameChoiceView
{
    /** @param list<string> $first */
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $mesh,
        #[OA\Property]
        public float $tensionNPerCm,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public bool $fits,
        #[OA\Property]
        public bool $holds,
        #[OA\Property]
        public string $why,
        #[OA\Property]
        public string $takenBy,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What must be done to it before it can be burned')]
        public array $first,
    ) {
    }
}
