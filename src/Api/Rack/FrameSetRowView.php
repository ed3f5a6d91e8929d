<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use OpenApi\Attributes as OA;

/** The frame that a plate would get. */
#[OA\Schema]
final readonly class FrameSetRowView
{
    /** @param list<string> $first */
    public function __construct(
        #[OA\Property]
        public int $plateId,
        #[OA\Property]
        public string $plate,
        #[OA\Property(description: 'Label; empty where none fits')]
        public string $frame,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string'), description: 'What must be done to it first')]
        public array $first,
        #[OA\Property]
        public string $why,
    ) {
    }
}
