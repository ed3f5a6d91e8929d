<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use OpenApi\Attributes as OA;

/** The tension of a frame on a day. */
#[OA\Schema]
final readonly class TensionReadingView
{
    /**
     * @param list<float> $along
     * @param list<float> $across
     */
    public function __construct(
        #[OA\Property]
        public string $doneOn,
        #[OA\Property]
        public float $mean,
        #[OA\Property]
        public float $spread,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $along,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $across,
    ) {
    }
}
