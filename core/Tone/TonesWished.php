<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\Plan;

/** A change to the plan of a picture in tones. null leaves a thing as it is. */
final readonly class TonesWished
{
    /**
     * @param list<array{float, float}>|null $bend            lightness of the picture and lightness wished, L*
     * @param float|null                     $crisp           0–1
     * @param list<array{float, float}>|null $grounds         shares of width and height
     * @param float|null                     $reach           % of full scale
     * @param Tones|null                     $range           that the mesh holds
     * @param int|null                       $ink             number of the ink of the shelf, for one ink; 0 lets the garment choose
     * @param int|null                       $dark            for two tones; 0 takes the darkest
     * @param int|null                       $light           0 takes the lightest
     * @param float|null                     $holdBackMm      negative for one film pixel
     * @param bool                           $middleByArt     whether what stands between the inks follows the picture again
     * @param bool                           $layingByGarment whether the strokes follow the garment again
     */
    public function __construct(
        public ?float $darkest = null,
        public ?float $lightest = null,
        public ?float $middleTone = null,
        public ?array $bend = null,
        public ?float $crisp = null,
        public ?array $grounds = null,
        public ?float $reach = null,
        public ?float $lpi = null,
        public ?float $angleDeg = null,
        public ?Dot $dot = null,
        public ?Tones $range = null,
        public ?int $ink = null,
        public ?int $dark = null,
        public ?int $light = null,
        public ?float $holdBackMm = null,
        public ?Middle $middle = null,
        public bool $middleByArt = false,
        public ?Laying $laying = null,
        public bool $layingByGarment = false,
    ) {
    }

    /** @throws ImpossibleTone where the plan is of no picture in tones, or cannot be */
    public function on(Plan $plan): TonalPlan
    {
        return match (true) {
            $plan instanceof OneInkPlan => new OneInkPlan($this->work($plan->work), $this->dots($plan->dots), self::number($this->ink, $plan->ink)),
            $plan instanceof TwoTonePlan => new TwoTonePlan(
                $this->work($plan->work),
                $this->dots($plan->dots),
                self::number($this->dark, $plan->dark),
                self::number($this->light, $plan->light),
                $this->holdBackMm === null ? $plan->holdBackMm : ($this->holdBackMm < 0 ? null : $this->holdBackMm),
                $this->middleByArt ? null : $this->middle ?? $plan->middle,
                $this->layingByGarment ? null : $this->laying ?? $plan->laying,
            ),
            $plan instanceof TonalPlan => $plan->worked($this->work($plan->work()), $this->dots($plan->dots())),
            default => throw ImpossibleTone::because('This job is separated into spot plates, which have no tones. Choose one ink or two tones for it first.'),
        };
    }

    private function work(ToneWork $work): ToneWork
    {
        return new ToneWork(
            $this->darkest ?? $work->darkest,
            $this->lightest ?? $work->lightest,
            $this->middleTone ?? $work->middle,
            $this->bend === null ? $work->bend : new Bend($this->bend),
            $this->crisp ?? $work->crisp,
            $this->grounds ?? $work->grounds,
            $this->reach ?? $work->reach,
        );
    }

    private function dots(PlannedDots $dots): PlannedDots
    {
        return new PlannedDots(
            new Halftone($this->lpi ?? $dots->halftone->lpi, $this->angleDeg ?? $dots->halftone->angleDeg),
            $this->dot ?? $dots->dot,
            $this->range ?? $dots->range,
        );
    }

    private static function number(?int $wished, ?int $has): ?int
    {
        return match ($wished) {
            null => $has,
            0 => null,
            default => $wished,
        };
    }
}
