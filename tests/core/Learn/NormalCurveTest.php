<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Learn;

use Ektype\Core\Learn\NormalCurve;
use PHPUnit\Framework\TestCase;

/** Against the tables printed in every textbook, and the area counted strip by strip. */
final class NormalCurveTest extends TestCase
{
    public function testTheTailIsThatOfTheTables(): void
    {
        foreach ([
            [0.0, 0.5],
            [1.0, 0.158655254],
            [1.644853627, 0.05],
            [1.959963985, 0.025],
            [2.575829304, 0.005],
            [3.0, 0.001349898],
            [-1.0, 0.841344746],
        ] as [$z, $above]) {
            self::assertEqualsWithDelta($above, NormalCurve::above($z), 1e-9, "z = $z");
        }
        self::assertEqualsWithDelta(1.0, NormalCurve::above(6.0) / 9.865876450e-10, 1e-6, 'far out the share of the value counts');
        self::assertEqualsWithDelta(0.05, NormalCurve::above(NormalCurve::NINETY), 1e-12);
    }

    public function testTheTailIsTheAreaUnderTheCurve(): void
    {
        foreach ([-2.0, 0.3, 2.45, 2.55, 4.0] as $z) {
            $area = 0.0;
            $step = (12.0 - $z) / 20000;
            for ($i = 0; $i < 20000; ++$i) {
                $area += NormalCurve::density($z + ($i + 0.5) * $step) * $step;
            }
            self::assertEqualsWithDelta(1.0, NormalCurve::above($z) / $area, 1e-6, "z = $z");
            self::assertEqualsWithDelta(1.0, NormalCurve::hazard($z) / (NormalCurve::density($z) / $area), 1e-6, "z = $z");
        }
    }

    public function testNothingJumpsWhereTheSeriesGivesWayToTheFraction(): void
    {
        self::assertEqualsWithDelta(NormalCurve::above(2.5 - 1e-9), NormalCurve::above(2.5), 1e-10);
        self::assertEqualsWithDelta(NormalCurve::hazard(2.5 - 1e-9), NormalCurve::hazard(2.5), 1e-8);
    }
}
