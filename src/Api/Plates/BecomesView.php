<?php

declare(strict_types=1);

namespace Ektype\App\Api\Plates;

use OpenApi\Attributes as OA;

/** A plate that was given up. */
#[OA\Schema]
final readonly class BecomesView
{
    public function __construct(
        #[OA\Property]
        public string $plate,
        #[OA\Property]
        public ?string $hex,
        #[OA\Property(description: 'The plate that it prints as; null leaves it to the garment')]
        public ?string $into,
        #[OA\Property]
        public ?string $intoHex,
    ) {
    }
}
