<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;

/** One plate at film resolution, before marks and label. */
final readonly class SeparatedPlate
{
    public float $coveragePct;

    /**
     * @param Srgb             $colour      what it prints: its ink's colour where one was given, else the art's
     * @param Srgb|null        $artColour   the art's colour that it stands for; null for a base of its own
     * @param float            $areaCm2     what it prints, trap included
     * @param float            $artAreaCm2  what the art has of it, before trap
     * @param string           $orderReason why it prints at this place
     * @param bool             $flashAfter  whether it is flashed before the next plate
     * @param string           $ink         name of the ink that was given, empty where none was
     * @param bool             $overprints  whether its neighbours run on under it
     * @param StrokeWidths     $strokes     its thin lines and gaps
     * @param DotsOfPlate|null $dots        of a plate that prints tones
     * @param Laying           $laying      of a solid plate; one with dots has its own
     * @param bool             $mixed       whether its ink is mixed for it: none of the shelf serves
     * @param CoverageMap|null $print       how much of each place is printed, where the film has it smaller; null for what the film has
     */
    public function __construct(
        public string $name,
        public PlateRole $role,
        public Srgb $colour,
        public ?Srgb $artColour,
        public BitPlane $plane,
        public float $areaCm2,
        public float $artAreaCm2,
        public string $orderReason,
        public bool $flashAfter,
        public string $flashReason,
        public string $ink,
        public bool $overprints,
        public StrokeWidths $strokes,
        public ?DotsOfPlate $dots = null,
        public ?CoverageMap $print = null,
        public Laying $laying = Laying::Once,
        public bool $mixed = false,
    ) {
        $this->coveragePct = 100 * $plane->count() / ($plane->width * $plane->height);
    }

    /**
     * The same with other pixels: what it covers follows.
     *
     * @param CoverageMap $print how much of each place is printed, the gain of the press included
     */
    public function withPlane(BitPlane $plane, CoverageMap $print): self
    {
        $per = $this->areaCm2 / max(1, $this->plane->count());

        return new self(
            $this->name,
            $this->role,
            $this->colour,
            $this->artColour,
            $plane,
            $per * $plane->count(),
            $this->artAreaCm2,
            $this->orderReason,
            $this->flashAfter,
            $this->flashReason,
            $this->ink,
            $this->overprints,
            $this->strokes,
            $this->dots,
            $print,
            $this->laying,
            $this->mixed,
        );
    }
}
