<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Unit\Figure;

/** What a plate would be on a mesh. */
final readonly class OnMesh
{
    /**
     * @param bool   $here      whether the plate stands on it now
     * @param int    $inRack    frames that carry it
     * @param int    $rank      place among the meshes for this plate, 1 is best
     * @param Figure $wet       wet ink in broad parts, µm
     * @param Figure $grams     ink for the run, g
     * @param Figure $light     seconds of light; without a value where lamp or emulsion are missing
     * @param Figure $hidingPct hiding of the ink straight on this garment, %
     * @param string $hex       what the ink then looks like on the garment
     * @param string $tones     the lightest and darkest tone at the plate’s ruling; empty for a solid plate
     */
    public function __construct(
        public Mesh $mesh,
        public bool $here,
        public int $inRack,
        public int $rank,
        public bool $holds,
        public string $why,
        public Figure $wet,
        public Figure $grams,
        public Figure $light,
        public Figure $hidingPct,
        public string $hex,
        public string $tones,
    ) {
    }
}
