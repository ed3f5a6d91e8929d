<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

use Ektype\App\Shop\Kept;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Tone\Bend;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\ToneWork;

/** What is done to the tones of a picture, and its dots, as the shop stores them within a plan. */
final class KeptTones
{
    /** @return array<string, mixed> */
    public static function written(ToneWork $work, PlannedDots $dots): array
    {
        return [
            ...self::ofWork($work),
            'lpi' => $dots->halftone->lpi,
            'angleDeg' => $dots->halftone->angleDeg,
            'dot' => $dots->dot->value,
            'range' => [$dots->range->lightest, $dots->range->darkest],
        ];
    }

    /** @return array<string, mixed> */
    private static function ofWork(ToneWork $work): array
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

    public static function work(Kept $kept): ToneWork
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

    public static function dots(Kept $kept): PlannedDots
    {
        return new PlannedDots(
            new Halftone($kept->number('lpi'), $kept->number('angleDeg')),
            Dot::from($kept->text('dot')),
            new Tones(...$kept->pair('range')),
        );
    }
}
