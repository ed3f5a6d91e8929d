<?php

declare(strict_types=1);

namespace Ektype\App\Api\Screens;

use Ektype\App\Api\Jobs\FigureView;
use Ektype\App\Api\Jobs\MeshView;
use OpenApi\Attributes as OA;

/** What a plate would be on a mesh. */
#[OA\Schema]
final readonly class MeshEffectView
{
    public function __construct(
        #[OA\Property]
        public MeshView $mesh,
        #[OA\Property(description: 'Whether the plate stands on it now')]
        public bool $here,
        #[OA\Property]
        public int $inRack,
        #[OA\Property(description: 'Place among the meshes for this plate, 1 is best')]
        public int $rank,
        #[OA\Property]
        public bool $holds,
        #[OA\Property]
        public string $why,
        #[OA\Property(description: 'Wet ink in broad parts, µm')]
        public FigureView $wet,
        #[OA\Property(description: 'Ink for the run, g')]
        public FigureView $grams,
        #[OA\Property(description: 'Seconds of light; without a value where lamp or emulsion are missing')]
        public FigureView $light,
        #[OA\Property(description: 'Hiding of the ink straight on this garment, %')]
        public FigureView $hidingPct,
        #[OA\Property(description: 'What the ink then looks like on the garment')]
        public string $hex,
        #[OA\Property(description: 'The lightest and darkest tone at the plate’s ruling, %; empty for a solid plate')]
        public string $tones,
    ) {
    }
}
