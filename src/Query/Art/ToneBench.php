<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\KnownGain;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Tone\Bend;
use Ektype\Core\Tone\Middle;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\TwoTonePlan;
use Ektype\Core\Unit\Figure;

/** What is done to the tones of a picture, for the bench of the art. */
final readonly class ToneBench
{
    /**
     * @param list<TonePlace> $bend      points of the curve, L* of the picture and L* wished
     * @param list<float>     $curve     L* wished for each 2 of L*, from 0 to 100: levels and bend together
     * @param list<TonePlace> $grounds   places given to the garment, shares of width and height
     * @param float           $crisp     %
     * @param float           $holdsFrom %
     * @param Figure          $gain      of the press at half tone
     * @param int|null        $ink       of one ink; null lets the garment choose
     */
    private function __construct(
        public float $darkest,
        public float $lightest,
        public float $middleTone,
        public array $bend,
        public array $curve,
        public float $crisp,
        public array $grounds,
        public float $reach,
        public float $lpi,
        public float $angleDeg,
        public Dot $dot,
        public float $holdsFrom,
        public float $holdsTo,
        public ?int $ink,
        public ?int $darkInk,
        public ?int $lightInk,
        public ?float $holdBackMm,
        public ?Middle $middle,
        public ?Laying $laying,
        public Figure $gain,
    ) {
    }

    public static function of(TonalPlan $plan, KnownGain $gain): self
    {
        $two = $plan instanceof TwoTonePlan ? $plan : null;
        $work = $plan->work();
        $dots = $plan->dots();

        return new self(
            $work->darkest,
            $work->lightest,
            $work->middle,
            self::places($work->bend->points),
            array_map(static fn (int $step): float => round($work->on(2.0 * $step), 2), range(0, 50)),
            100 * $work->crisp,
            self::places($work->grounds),
            $work->reach,
            $dots->halftone->lpi,
            $dots->halftone->angleDeg,
            $dots->dot,
            round(100 * $dots->range->lightest, 1),
            round(100 * $dots->range->darkest, 1),
            $plan instanceof OneInkPlan ? $plan->ink : null,
            $two?->dark,
            $two?->light,
            $two?->holdBackMm,
            $two?->middle,
            $two?->laying,
            $gain->figure(),
        );
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<TonePlace>
     */
    private static function places(array $points): array
    {
        return array_map(static fn (array $p): TonePlace => new TonePlace($p[0], $p[1]), $points);
    }
}
