<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Tone\TonalPlan;

/** A change to the plan of a picture in many inks. null leaves a thing as it is. */
final readonly class MixWished
{
    /**
     * @param list<int>|null       $inks            numbers of inks of the shelf, in print order where they print as listed; none lets them be chosen
     * @param int|null             $screens         all of them; 0 takes as many as are worth it
     * @param list<int>|null       $locked
     * @param list<int>|null       $forbidden
     * @param bool                 $baseByGarment   whether the base follows the garment again
     * @param float|null           $black           0–1
     * @param float|null           $total           1 for 100 %
     * @param Laying|null          $laying          of the base
     * @param bool                 $layingByGarment whether its strokes follow the garment again
     * @param array<string, float> $halves          what half tones of plates print as, by name of the ink, %
     * @param list<Srgb>|null      $tints           in print order; none lets them be proposed
     * @param InkProfile|null      $profile         of four-colour process
     * @param bool                 $profileOff      whether it goes by the inks of the shelf again
     */
    public function __construct(
        public ?array $inks = null,
        public ?int $screens = null,
        public ?array $locked = null,
        public ?array $forbidden = null,
        public ?BaseWay $base = null,
        public bool $baseByGarment = false,
        public ?bool $highlight = null,
        public ?OrderSchool $order = null,
        public ?float $squaresDpi = null,
        public ?Diffusion $diffusion = null,
        public ?AngleSchool $angles = null,
        public ?float $black = null,
        public ?float $total = null,
        public ?int $layers = null,
        public ?array $tints = null,
        public ?LayerEdge $edge = null,
        public ?Laying $laying = null,
        public bool $layingByGarment = false,
        public array $halves = [],
        public ?InkProfile $profile = null,
        public bool $profileOff = false,
    ) {
    }

    /** @throws \Ektype\Core\Unit\Refusal where the plan is of another method, or cannot be so */
    public function on(Plan $plan): TonalPlan
    {
        return $plan instanceof MixedPlan ? $plan->wishedBy($this) : throw ImpossibleMix::at('', 'This job is not printed in many inks. Choose simulated process, four-colour process, index or layers for it first.');
    }

    public function curves(PlateCurves $curves): PlateCurves
    {
        return $this->halves === [] ? $curves : new PlateCurves([...$curves->halves, ...$this->halves]);
    }

    public function base(?BaseWay $base): ?BaseWay
    {
        return $this->baseByGarment ? null : $this->base ?? $base;
    }

    public function laying(?Laying $laying): ?Laying
    {
        return $this->layingByGarment ? null : $this->laying ?? $laying;
    }

    public function profile(?InkProfile $profile): ?InkProfile
    {
        return $this->profileOff ? null : $this->profile ?? $profile;
    }

    public function inks(InkWish $wish): InkWish
    {
        $asked = $this->screens !== null || $this->locked !== null || $this->forbidden !== null;

        return new InkWish(
            match (true) {
                $this->inks !== null => $this->inks === [] ? null : $this->inks,
                $asked => null,
                default => $wish->inks,
            },
            $this->screens === null ? ($this->inks === null ? $wish->screens : null) : ($this->screens === 0 ? null : $this->screens),
            $this->locked ?? $wish->locked,
            $this->forbidden ?? $wish->forbidden,
            $this->base($wish->base),
            $this->highlight ?? $wish->highlight,
        );
    }
}
