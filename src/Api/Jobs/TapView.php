<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** How far to tap a corner of the frame. */
#[OA\Schema]
final readonly class TapView
{
    /**
     * @param list<float> $atMm from the centre of the print
     * @param list<float> $byMm
     */
    public function __construct(
        #[OA\Property]
        public string $corner,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $atMm,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $byMm,
    ) {
    }
}
