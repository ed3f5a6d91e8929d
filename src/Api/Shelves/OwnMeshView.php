<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Api\Jobs\MeshView;
use OpenApi\Attributes as OA;

/** A mesh of the catalogue: one that is commonly woven, or the shop’s own with its data sheet. */
#[OA\Schema]
final readonly class OwnMeshView
{
    public function __construct(
        #[OA\Property(description: 'Null for a typical mesh')]
        public ?int $id,
        #[OA\Property]
        public MeshView $mesh,
        #[OA\Property(description: 'Whether opening or thickness are of its data sheet')]
        public bool $fromSheet,
        #[OA\Property(description: 'Frames of the rack that carry it')]
        public int $inRack,
    ) {
    }
}
