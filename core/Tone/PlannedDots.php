<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Unit\Chosen;

/** The dots that a plan asks for. */
final readonly class PlannedDots
{
    /** Where no mesh is known yet: held by 90–48 and finer with care (heuristic). */
    public const USUAL_LPI = 45.0;

    /** @param Tones $range what the mesh holds of them: tones are brought into it */
    public function __construct(
        public Halftone $halftone = new Halftone(self::USUAL_LPI),
        #[Chosen('dot')]
        public Dot $dot = Dot::Round,
        #[Chosen('the lightest and the darkest tone that the mesh holds', '%', option: 'range')]
        public Tones $range = new Tones(0.0, 1.0),
    ) {
    }
}
