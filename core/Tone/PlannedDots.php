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

    /** A mesh that holds no more prints no picture: whoever gives less meant shares of one, 0–1 (heuristic). */
    private const LEAST_DARKEST = 0.1;

    /**
     * @param Tones $range what the mesh holds of them: tones are brought into it
     *
     * @throws ImpossibleTone where it leaves no picture
     */
    public function __construct(
        public Halftone $halftone = new Halftone(self::USUAL_LPI),
        #[Chosen('dot')]
        public Dot $dot = Dot::Round,
        #[Chosen('the lightest and the darkest tone that the mesh holds', '%', option: 'range')]
        public Tones $range = new Tones(0.0, 1.0),
    ) {
        if ($range->darkest < self::LEAST_DARKEST) {
            throw ImpossibleTone::at('range', \sprintf('Tones from %g to %g %% would leave nothing of the picture on the film. The range is told in per cent of ink: 0 to 100 for all of it, 5 to 90 for what many meshes hold.', 100 * $range->lightest, 100 * $range->darkest));
        }
    }
}
