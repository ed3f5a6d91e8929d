<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A yes or no about a colour of the art. */
#[OA\Schema]
final readonly class ColourDecision
{
    public function __construct(
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public bool $on,
    ) {
    }
}
