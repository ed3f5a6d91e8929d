<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** An ink of the shelf and how far it is from a colour of the art. */
#[OA\Schema]
final readonly class ShelfInkView
{
    public function __construct(
        #[OA\Property]
        public int $inkId,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public float $deltaE,
    ) {
    }
}
