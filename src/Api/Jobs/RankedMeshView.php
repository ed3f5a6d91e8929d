<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use OpenApi\Attributes as OA;

/** A mesh of the trade's list with its place in the ranking. */
#[OA\Schema]
final readonly class RankedMeshView
{
    public function __construct(
        #[OA\Property]
        public MeshView $mesh,
        #[OA\Property]
        public bool $holds,
        #[OA\Property]
        public string $why,
        #[OA\Property(description: 'Frames of the rack that carry it')]
        public int $inRack,
    ) {
    }
}
