<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;

/** One plate at film resolution, before marks and label. */
final readonly class SeparatedPlate
{
    public float $coveragePct;

    /**
     * @param Srgb             $colour    what it prints: its ink's colour where one was given, else the art's
     * @param Srgb|null        $artColour the art's colour that it stands for; null for a base of its own
     * @param StrokeWidths     $strokes   its thin lines and gaps
     * @param DotsOfPlate|null $dots      of a plate that prints tones
     * @param PrintedMap|null  $print     how much of each place is printed, where that is known beside the film
     */
    public function __construct(
        public string $name,
        public PlateRole $role,
        public Srgb $colour,
        public ?Srgb $artColour,
        public BitPlane $plane,
        public PlateArea $area,
        public LaidInk $ink,
        public StrokeWidths $strokes,
        public ?DotsOfPlate $dots = null,
        public ?PrintedMap $print = null,
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
        $per = $this->area->cm2 / max(1, $this->plane->count());

        return new self(
            $this->name,
            $this->role,
            $this->colour,
            $this->artColour,
            $plane,
            new PlateArea($per * $plane->count(), $this->area->artCm2),
            ink: $this->ink,
            strokes: $this->strokes,
            dots: $this->dots,
            print: new PrintedMap($print),
        );
    }
}
