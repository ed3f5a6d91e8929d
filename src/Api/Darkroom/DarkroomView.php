<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use OpenApi\Attributes as OA;

/** The dark-room plan of all open jobs. */
#[OA\Schema]
final readonly class DarkroomView
{
    /** @param list<PlannedScreenView> $screens in the order in which they get their turn */
    public function __construct(
        #[OA\Property(description: 'Local time at which the plan begins')]
        public string $starts,
        #[OA\Property(description: 'The same in minutes after midnight')]
        public float $startsMin,
        #[OA\Property]
        public float $opensMin,
        #[OA\Property]
        public float $closesMin,
        #[OA\Property(type: 'array', items: new OA\Items(ref: PlannedScreenView::class))]
        public array $screens,
        #[OA\Property(description: 'Minutes late, all screens together')]
        public float $latenessMin,
        #[OA\Property(description: 'The same where screens are made as their jobs came in')]
        public float $firstComeLatenessMin,
        #[OA\Property]
        public float $endsMin,
        #[OA\Property(description: 'Whether the printer chose the order')]
        public bool $byHand,
        #[OA\Property(description: 'Minutes late when the plan chooses')]
        public float $bestLatenessMin,
        #[OA\Property]
        public RoomView $room,
    ) {
    }
}
