<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Unit\Point;

/**
 * The key’s dots beside the print: whose films they are, and which way up it lies.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class StripDots
{
    private const ON_MM = 0.2;
    private const BESIDE_MM = 1.4;

    /**
     * @param Channels $way through the colours, from cloth to the key’s ink
     *
     * @return int|null 0 to 255; null where the films have none, or they lie beyond the scan
     */
    public static function code(Scan $scan, StripPlan $plan, ScanPlace $place, array $way): ?int
    {
        if ($plan->dots === []) {
            return null;
        }
        $lights = [];
        foreach ($plan->dots as $i => $dot) {
            $on = $scan->mean($way, self::round($place, $dot, self::ON_MM, 8));
            $off = $scan->mean($way, [
                ...self::round($place, new Point($dot->xMm - self::BESIDE_MM, $dot->yMm), 0.25, 6),
                ...self::round($place, new Point($dot->xMm + self::BESIDE_MM, $dot->yMm), 0.25, 6),
            ]);
            if ($on === null || $off === null) {
                return null;
            }
            $lights[$i] = $on - $off;
        }
        // As strong as the strongest spot: one may be lost.
        $strong = 0.0;
        foreach ($plan->spots as $spot) {
            $strong = max($strong, ($scan->mean($way, self::round($place, $spot, 0.6, 12)) ?? 0.0) - ($scan->mean($way, self::round($place, $spot, 2.4, 24)) ?? 0.0));
        }
        $code = 0;
        foreach ($lights as $i => $light) {
            $code |= $light > $strong / 2 ? 1 << $i : 0;
        }

        return $code;
    }

    /** @return list<Point> on the scan */
    private static function round(ScanPlace $place, Point $middle, float $radius, int $count): array
    {
        $round = [];
        for ($i = 0; $i < $count; ++$i) {
            $round[] = $place->onScan(new Point($middle->xMm + $radius * cos(2 * \M_PI * $i / $count), $middle->yMm + $radius * sin(2 * \M_PI * $i / $count)));
        }

        return $round;
    }
}
