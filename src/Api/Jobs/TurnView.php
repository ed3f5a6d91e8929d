<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** How far to turn a knob. */
#[OA\Schema]
final readonly class TurnView
{
    public function __construct(
        #[OA\Property]
        public string $knob,
        #[OA\Property]
        public float $turns,
    ) {
    }
}
