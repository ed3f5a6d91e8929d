<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/** Spot plates that are wanted: what was chosen for them, on which garment and film, in which inks. */
final readonly class SpotRequest
{
    /** Choke of the base at manual register, mm (heuristic). */
    public const CHOKE_MM = 0.25;

    /**
     * @param float                   $widthMm printed width of the whole picture
     * @param float                   $dpi     film pixels per inch
     * @param float                   $trapMm  how far a lighter plate spreads under a darker neighbour; 0 lets plates butt
     * @param array<string, GivenInk> $locks   colour => the ink that it prints in; colours of one ink share a plate
     * @param list<GivenInk>          $palette the only inks there are: each colour prints in the nearest; empty takes the art's own
     */
    public function __construct(
        public float $widthMm,
        public Srgb $garment,
        public SpotPlan $plan = new SpotPlan(),
        public float $dpi = 600,
        public float $trapMm = 0.0,
        public array $locks = [],
        public array $palette = [],
    ) {
    }

    /** @param array<string, string> $merges colour => the colour that it prints as, beside those that there are */
    public function merging(array $merges): self
    {
        return new self($this->widthMm, $this->garment, $this->plan->decided($this->plan->colours->merging($merges)), $this->dpi, $this->trapMm, $this->locks, palette: $this->palette);
    }
}
