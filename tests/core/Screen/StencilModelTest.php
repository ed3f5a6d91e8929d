<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Darkroom\Drying;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\GaugedCoating;
use Ektype\Core\Screen\StencilModel;
use Ektype\Core\Screen\StencilTarget;
use Ektype\Core\Screen\TensionTrend;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class StencilModelTest extends TestCase
{
    /** 400 shops whose true factors are drawn from the priors: nine screens in ten lie within their interval. */
    public function testIntervalsHoldWhatTheySay(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $inside = 0;
        $narrower = 0;
        for ($shop = 0; $shop < 400; ++$shop) {
            $hand = 0.2 * self::normal($random);
            $emulsions = ['A' => 0.25 * self::normal($random), 'B' => 0.25 * self::normal($random)];
            $edges = ['sharp' => 0.15 * self::normal($random), 'round' => 0.15 * self::normal($random)];
            $gauged = static fn (Coating $c): float => StencilModel::built($c) * exp(
                $hand + $emulsions[$c->emulsion] + $edges[$c->edge->value] + 0.1 * self::normal($random),
            );
            $readings = [];
            for ($i = $random->getInt(0, 8); $i > 0; --$i) {
                $coating = self::coating($random);
                $readings[] = new GaugedCoating($coating, $gauged($coating));
            }
            $asked = self::coating($random);
            $told = StencilModel::predict($asked, $readings);
            $true = $gauged($asked);
            $inside += $true >= $told->lowUm && $true <= $told->highUm ? 1 : 0;
            $narrower += $told->highUm / $told->lowUm < StencilModel::predict($asked)->highUm / StencilModel::predict($asked)->lowUm - 1e-9 ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.9, $inside / 400, 0.04);
        self::assertGreaterThan(300, $narrower, 'readings make it surer');
    }

    public function testWithoutReadingsItIsTheFormula(): void
    {
        $coating = new Coating(new Mesh(77, 55), Edge::Sharp, 1, 1, 40);
        $told = StencilModel::predict($coating);
        self::assertEqualsWithDelta(0.17 * (10000 / 77 - 55) * 0.4 * 2.2, $told->eomUm, 1e-9);
        self::assertEqualsWithDelta(1.6 * 55 + $told->eomUm, $told->thicknessUm, 1e-9);
        self::assertEqualsWithDelta(
            exp(2 * 1.6448536 * sqrt(0.2 ** 2 + 0.25 ** 2 + 0.15 ** 2 + 0.1 ** 2)),
            $told->highUm / $told->lowUm,
            1e-6,
        );
    }

    /** Capillary film: its thickness is bought, and it is wet through and through; liquid emulsion teaches it only the hand. */
    public function testACapillaryFilmIsAsThickAsItsBoxSays(): void
    {
        $mesh = new Mesh(77, 55);
        $film = Coating::film($mesh, 30, 'F');
        self::assertEqualsWithDelta(21.0, StencilModel::predict($film)->eomUm, 1e-9);
        self::assertEqualsWithDelta(30.0, StencilModel::wetUm($film), 1e-9);
        self::assertSame(0.0, StencilModel::emulsionMl($film, 400, 500));
        self::assertSame($film, (new StencilModel([], ['F']))->recipe($film));
        $taught = StencilModel::predict(
            $film,
            [new GaugedCoating($film, 24.0), new GaugedCoating($film, 25.0), new GaugedCoating($film, 24.5)],
        );
        self::assertGreaterThan(22.5, $taught->eomUm);
        self::assertLessThan(24.5, $taught->eomUm);
        $this->expectException(Refusal::class);
        Coating::film($mesh, 3);
    }

    public function testAThinStencilOverAThickThreadIsRough(): void
    {
        self::assertStringStartsWith('Rough', StencilModel::roughness(new Mesh(43, 80), 8));
        self::assertStringStartsWith('Fair', StencilModel::roughness(new Mesh(77, 55), 11));
        self::assertStringStartsWith('Smooth', StencilModel::roughness(new Mesh(120, 34), 9));
    }

    public function testTheRecipeComesNearTheTarget(): void
    {
        foreach ([[43, 80], [55, 64], [77, 55], [90, 48], [120, 34]] as [$perCm, $thread]) {
            $mesh = new Mesh($perCm, $thread);
            $recipe = (new StencilModel([], ['']))->recipe(new Coating($mesh, Edge::Sharp, 1, 1, 38));
            self::assertSame($mesh->threadsPerInch() >= 150 ? Edge::Sharp : Edge::Round, $recipe->edge);
            $eom = StencilModel::predict($recipe)->eomUm;
            foreach ([[1, 1], [2, 2], [3, 3]] as [$print, $squeegee]) {
                $other = StencilModel::predict(new Coating($mesh, $recipe->edge, $print, $squeegee, 38))->eomUm;
                self::assertLessThanOrEqual(
                    abs(log($other / StencilTarget::on($mesh)->eomUm)) + 0.13,
                    abs(log($eom / StencilTarget::on($mesh)->eomUm)),
                );
            }
        }
    }

    public function testDryingFollowsTheAir(): void
    {
        $usual = Drying::hours(100, 25, 40);
        self::assertEqualsWithDelta(1.3, $usual, 1e-9);
        self::assertEqualsWithDelta(2 * $usual, Drying::hours(100, 13, 40), 1e-9);
        self::assertEqualsWithDelta(2 * $usual, Drying::hours(100, 25, 70), 1e-9);
        self::assertEqualsWithDelta($usual / 2.5, Drying::hours(100, 25, 40, 1), 1e-9);
        self::assertLessThan(0.4, Drying::hours(60, 32, 30, 1.5), 'thin, warm, dry, moving: minutes');
        self::assertGreaterThan(12, Drying::hours(250, 14, 75), 'thick, cold, damp, still: most of a day');
        self::assertStringContainsString('underexpose', Drying::caution(24, 62));
        self::assertSame('', Drying::caution(24, 40));
        foreach ([
            [100, 25, 130, 0, 'humidity'],
            [100, 90, 40, 0, 'temperature'],
            [100, 25, 40, -1, 'air'],
        ] as [$wet, $c, $humidity, $air, $field]) {
            try {
                Drying::hours($wet, $c, $humidity, $air);
                self::fail("$field was not refused");
            } catch (Refusal $refusal) {
                self::assertSame($field, $refusal->on);
            }
        }
    }

    /** 400 frames that lose tension at a known rate, read with noise: the rate lies in its interval nine times in ten. */
    public function testTheTensionTrendFindsTheKnownRate(): void
    {
        $random = new Randomizer(new Mt19937(8));
        $rate = $now = 0;
        for ($frame = 0; $frame < 400; ++$frame) {
            $start = 20 + $random->getInt(0, 80) / 10;
            $fall = -0.005 - $random->getInt(0, 30) / 1000;
            $readings = [];
            for ($i = 0, $count = $random->getInt(4, 14); $i < $count; ++$i) {
                $day = 20.0 * $i + $random->getInt(0, 6);
                $readings[] = [$day, $start + $fall * $day + 0.4 * self::normal($random)];
            }
            shuffle($readings);
            $trend = TensionTrend::of($readings, 300);
            $rate += $fall >= $trend->perDayLow && $fall <= $trend->perDayHigh ? 1 : 0;
            $true = $start + $fall * 300;
            $now += $true >= $trend->nowLow && $true <= $trend->nowHigh ? 1 : 0;
        }
        self::assertEqualsWithDelta(0.9, $rate / 400, 0.04);
        self::assertEqualsWithDelta(0.9, $now / 400, 0.04);
    }

    public function testTheDayBelowTheLimitIsWhereTheLineCrossesAndWhatCannotBeIsRefused(): void
    {
        $trend = TensionTrend::of([[0, 26.0], [20, 22.0], [60, 21.0], [100, 20.0], [140, 19.0]], 140);
        self::assertEqualsWithDelta(-0.025, $trend->perDay, 1e-9, 'the first drop of new mesh is left out');
        self::assertEqualsWithDelta(300, $trend->belowDay, 1e-6);
        self::assertNull(TensionTrend::of([[0, 20.0], [20, 20.0], [40, 21.0]], 40)->belowDay);
        foreach ([
            [[[0, 0.0], [1, 20.0], [2, 20.0]], 'readings[0]'],
            [[[0, 20.0], [1, 90.0], [2, 20.0]], 'readings[1]'],
            [[[0, 20.0], [5, 21.0]], 'readings'],
        ] as [$readings, $field]) {
            try {
                TensionTrend::of($readings, 10);
                self::fail("$field was not refused");
            } catch (Refusal $refusal) {
                self::assertSame($field, $refusal->on);
            }
        }
    }

    private static function coating(Randomizer $random): Coating
    {
        $mesh = [new Mesh(43, 80), new Mesh(77, 55), new Mesh(120, 34)][$random->getInt(0, 2)];

        return new Coating(
            $mesh,
            Edge::cases()[$random->getInt(0, 1)],
            $random->getInt(1, 2),
            $random->getInt(1, 3),
            40,
            ['A', 'B'][$random->getInt(0, 1)],
        );
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000) / 1_000_000)) * cos(2 * \M_PI * $random->getInt(0, 999_999) / 1_000_000);
    }
}
