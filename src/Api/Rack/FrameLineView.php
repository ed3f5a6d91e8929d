<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use OpenApi\Attributes as OA;

/** A line of a frame's record. */
#[OA\Schema]
final readonly class FrameLineView
{
    public function __construct(
        #[OA\Property(description: 'Local time')]
        public string $at,
        #[OA\Property]
        public string $what,
    ) {
    }
}
