<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use OpenApi\Attributes as OA;

/** A knob of a press. */
#[OA\Schema]
final readonly class KnobView
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $atXMm,
        #[OA\Property]
        public float $atYMm,
        #[OA\Property]
        public float $pushX,
        #[OA\Property]
        public float $pushY,
        #[OA\Property]
        public float $mmPerTurn,
    ) {
    }
}
