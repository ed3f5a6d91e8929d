<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Learn;

use Ektype\Core\Learn\Mixture;
use Ektype\Core\Learn\NormalCurve;
use PHPUnit\Framework\TestCase;

final class MixtureTest extends TestCase
{
    public function testItsSharesLieWhereTheySumUp(): void
    {
        $two = new Mixture([[0.7, 0.0, 1.0], [0.3, 5.0, 0.25]]);
        foreach ([0.05, 0.5, 0.9] as $share) {
            self::assertEqualsWithDelta($share, $two->below($two->quantile($share)), 1e-4);
        }
        self::assertEqualsWithDelta(1.5, $two->mean(), 1e-12);
        self::assertEqualsWithDelta(0.7 * (1 + 1.5 ** 2) + 0.3 * (0.25 + 3.5 ** 2), $two->variance(), 1e-12);
    }

    public function testWhatStandsForTwoHumpsIsOneOfThem(): void
    {
        self::assertEqualsWithDelta(0.0, (new Mixture([[0.55, 0.0, 0.01], [0.45, 5.0, 0.01]]))->typical(), 0.2);
        self::assertEqualsWithDelta(5.0, (new Mixture([[0.45, 0.0, 0.01], [0.55, 5.0, 0.01]]))->typical(), 0.2);
        self::assertEqualsWithDelta(0.0, (new Mixture([[0.5, -0.1, 0.04], [0.5, 0.1, 0.04]]))->typical(), 1e-4);
    }

    public function testQuantilesOfTheNormalCurveAreTheTables(): void
    {
        foreach (['0.5' => 0.0, '0.95' => 1.6448536270, '0.975' => 1.9599639845, '0.01' => -2.3263478740] as $share => $z) {
            self::assertEqualsWithDelta($z, NormalCurve::quantile((float) $share), 1e-8);
            self::assertEqualsWithDelta((float) $share, NormalCurve::below($z), 1e-7);
        }
    }
}
