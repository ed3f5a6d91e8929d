<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use OpenApi\Attributes as OA;

/** The pattern of every ruling and angle with a mesh. */
#[OA\Schema]
final readonly class MoireMapView
{
    /**
     * @param list<float>       $rulings
     * @param list<float>       $angles
     * @param list<list<float>> $scores
     */
    public function __construct(
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $rulings,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'number'))]
        public array $angles,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number')), description: 'By ruling, then by angle')]
        public array $scores,
    ) {
    }
}
