<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Tone\Bend;
use Ektype\Core\Tone\Middle;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Tone\TwoTonePlan;

/** The plans of pictures in tones as the shop stores them: whole, with a version. */
final class KeptTonePlan
{
    public const VERSION = 1;

    public static function oneInk(Kept $kept): OneInkPlan
    {
        self::mustBeReadable($kept);

        return new OneInkPlan(self::work($kept), self::dots($kept), self::ink($kept, 'ink'));
    }

    public static function twoTone(Kept $kept): TwoTonePlan
    {
        self::mustBeReadable($kept);

        return new TwoTonePlan(
            self::work($kept),
            self::dots($kept),
            self::ink($kept, 'dark'),
            self::ink($kept, 'light'),
            $kept->numberOr('holdBackMm', null),
            Middle::tryFrom($kept->textOr('middle', '')),
            Laying::tryFrom($kept->textOr('laying', '')),
        );
    }

    /** @return array<string, mixed> */
    public static function written(OneInkPlan|TwoTonePlan $plan): array
    {
        return [
            'version' => self::VERSION,
            ...self::tones($plan->work),
            'lpi' => $plan->dots->halftone->lpi,
            'angleDeg' => $plan->dots->halftone->angleDeg,
            'dot' => $plan->dots->dot->value,
            'range' => [$plan->dots->range->lightest, $plan->dots->range->darkest],
            ...$plan instanceof OneInkPlan ? ['ink' => $plan->ink] : [
                'dark' => $plan->dark,
                'light' => $plan->light,
                'holdBackMm' => $plan->holdBackMm,
                'middle' => $plan->middle?->value,
                'laying' => $plan->laying?->value,
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function tones(ToneWork $work): array
    {
        $point = static fn (array $p): array => ['x' => $p[0], 'y' => $p[1]];

        return [
            'darkest' => $work->darkest,
            'lightest' => $work->lightest,
            'middleTone' => $work->middle,
            'bend' => array_map($point, $work->bend->points),
            'crisp' => $work->crisp,
            'grounds' => array_map($point, $work->grounds),
            'reach' => $work->reach,
        ];
    }

    private static function work(Kept $kept): ToneWork
    {
        $points = static fn (string $name): array => array_map(
            static fn (Kept $p): array => [$p->number('x'), $p->number('y')],
            $kept->objects($name, true),
        );

        return new ToneWork(
            $kept->number('darkest'),
            $kept->number('lightest'),
            $kept->number('middleTone'),
            new Bend($points('bend')),
            $kept->number('crisp'),
            $points('grounds'),
            $kept->number('reach'),
        );
    }

    private static function dots(Kept $kept): PlannedDots
    {
        return new PlannedDots(
            new Halftone($kept->number('lpi'), $kept->number('angleDeg')),
            Dot::from($kept->text('dot')),
            new Tones(...$kept->pair('range')),
        );
    }

    private static function ink(Kept $kept, string $name): ?int
    {
        return $kept->has($name) ? $kept->whole($name, 1, \PHP_INT_MAX) : null;
    }

    private static function mustBeReadable(Kept $kept): void
    {
        if ($kept->whole('version', 1, \PHP_INT_MAX) > self::VERSION) {
            throw new \UnexpectedValueException('The plan of this job was made by a newer Ektype. Open the shop with that one.');
        }
    }
}
