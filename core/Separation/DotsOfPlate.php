<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Raster\CoverageMap;

/** The dots of a plate that prints tones. */
final readonly class DotsOfPlate
{
    /**
     * @param Halftone    $halftone ruling and angle as they came out
     * @param Tones       $range    tones that it was brought into
     * @param CoverageMap $print    how much of each place is printed, the gain of the press included
     * @param CoverageMap $picked   the same, a single tone for each place
     * @param Laying      $laying   how often its ink is laid down
     */
    public function __construct(
        public Halftone $halftone,
        public Dot $dot,
        public Tones $range,
        public CoverageMap $print,
        public CoverageMap $picked,
        public Laying $laying,
    ) {
    }
}
