<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A colour of the art. */
#[OA\Schema]
final readonly class PaletteColourView
{
    public function __construct(
        #[OA\Property]
        public string $hex,
        #[OA\Property]
        public float $sharePct,
        #[OA\Property]
        public string $printsAs,
        #[OA\Property]
        public bool $leftOpen,
        #[OA\Property]
        public string $whyOpen,
    ) {
    }
}
