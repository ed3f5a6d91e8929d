<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\GivenInk;

/** A plate whose tones are dots. */
final readonly class TonePlate
{
    /**
     * @param Halftone     $dots  as they came out
     * @param ToneRaster   $tones how much of each place is to be printed, the gain of the press included
     * @param list<string> $says  what of the picture the print cannot show, plain sentences
     */
    public function __construct(
        public GivenInk $ink,
        public BitPlane $plane,
        public Halftone $dots,
        public Dot $dot,
        public Tones $range,
        public float $widthMm,
        public float $heightMm,
        public ToneRaster $tones,
        public array $says,
        public PlateRole $role = PlateRole::Colour,
    ) {
    }

    /** Of the whole print, %. */
    public function coveragePct(): float
    {
        return 100 * $this->plane->count() / ($this->plane->width * $this->plane->height);
    }
}
