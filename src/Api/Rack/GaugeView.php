<?php

declare(strict_types=1);

namespace Ektype\App\Api\Rack;

use OpenApi\Attributes as OA;

/** What a gauge reads on a frame now; nothing is kept yet. */
#[OA\Schema]
final readonly class GaugeView
{
    /**
     * @param list<float> $along
     * @param list<float> $across
     */
    public function __construct(
        #[OA\Property(description: 'A stand-in says that it is simulated')]
        public string $device,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'), description: 'Tension, N/cm at the corners and the middle')]
        public array $along,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $across,
        #[OA\Property]
        public string $thicknessDevice,
        #[OA\Property(description: 'Emulsion over mesh, µm; null on bare mesh')]
        public ?float $eomUm,
    ) {
    }
}
