<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Screen\TensionTrend;
use PHPUnit\Framework\TestCase;

final class TensionTrendTest extends TestCase
{
    /** Four readings by hand: slope, its standard error, and Student’s t of two degrees of freedom at 90 %, 2.9200. */
    public function testTheIntervalIsThatOfTheTextbook(): void
    {
        $trend = TensionTrend::of([[0, 20.0], [10, 19.0], [20, 18.5], [30, 17.0]], 30);
        // x̄ 15, ȳ 18.625; Sxx 500; Sxy (−15)(1.375) + (−5)(0.375) + 5(−0.125) + 15(−1.625) = −47.5
        $slope = -0.095;
        self::assertEqualsWithDelta($slope, $trend->perDay, 1e-12);
        $rest = 0.0;
        foreach ([[0, 20.0], [10, 19.0], [20, 18.5], [30, 17.0]] as [$x, $y]) {
            $rest += ($y - 18.625 - $slope * ($x - 15)) ** 2;
        }
        $sigma = sqrt($rest / 2);
        self::assertEqualsWithDelta(
            [$slope - 2.92 * $sigma / sqrt(500), $slope + 2.92 * $sigma / sqrt(500)],
            [$trend->perDayLow, $trend->perDayHigh],
            1e-9,
        );
        $now = 18.625 + $slope * 15;
        $half = 2.92 * $sigma * sqrt(1 / 4 + 15 ** 2 / 500);
        self::assertEqualsWithDelta([$now, $now - $half, $now + $half], [$trend->now, $trend->nowLow, $trend->nowHigh], 1e-9);
        self::assertEqualsWithDelta(15 + (15 - 18.625) / $slope, $trend->belowDay, 1e-9);
    }

    public function testThreeReadingsAreKnownLeast(): void
    {
        $three = TensionTrend::of([[0, 20.0], [10, 19.0], [20, 18.5]], 20);
        // One degree of freedom: t is 6.3138. Slope −0.075, rest (1/6)² + (1/3)² + (1/6)² = 1/6.
        self::assertEqualsWithDelta(6.3138 * sqrt(1 / 6 * 0.25) / sqrt(200), $three->perDayHigh - $three->perDay, 1e-3);
    }
}
