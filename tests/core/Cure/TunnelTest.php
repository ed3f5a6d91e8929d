<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Cure;

use Ektype\Core\Cure\CureCurve;
use Ektype\Core\Cure\CurePlan;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Cure\ImpossibleCure;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Plate\Substrate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class TunnelTest extends TestCase
{
    /** Against a finer, explicit simulation of the same heat, written here apart. */
    #[DataProvider('prints')]
    public function testHeatGoesThroughInkAndClothAsItDoes(float $filmUm, Substrate $cloth, float $airC, float $panelC, float $blows, bool $wet, float $dwellS): void
    {
        $need = $wet ? CureNeed::waterBased() : CureNeed::plastisol();
        $dryer = new Dryer(airC: $airC, panelC: $panelC, blows: $blows);
        $curve = CureCurve::of($dryer, $filmUm, Underlay::of($cloth), $need, $dwellS);
        $truth = self::simulated($filmUm, Underlay::of($cloth), $airC, $panelC, $blows, $wet ? $filmUm : 0.0, $dwellS, $need->leastC);
        foreach ($curve->points as $point) {
            [$surface, $through] = $truth['at'][(int) round($point->s * 10)];
            self::assertEqualsWithDelta($through, $point->throughC, 5.0, "through the film after $point->s s");
            self::assertEqualsWithDelta($surface, $point->surfaceC, $point->s < 1 ? 9.0 : 5.0, "on it after $point->s s");
        }
        self::assertEqualsWithDelta($truth['over'], $curve->overS, max(1.0, 0.1 * $truth['over']));
        self::assertSame($truth['dry'] === null && $wet, $curve->wet);
        if ($truth['dry'] !== null) {
            self::assertEqualsWithDelta($truth['dry'], $curve->dryS, max(1.0, 0.1 * $truth['dry']));
        }
    }

    /** @return iterable<string, array{float, Substrate, float, float, float, bool, float}> */
    public static function prints(): iterable
    {
        yield 'plastisol on a tee' => [60.0, Substrate::Cotton, 170.0, 260.0, 36.0, false, 60.0];
        yield 'a thick base on fleece' => [110.0, Substrate::Fleece, 180.0, 300.0, 40.0, false, 75.0];
        yield 'thin ink in jets of air' => [25.0, Substrate::Canvas, 175.0, 0.0, 80.0, false, 60.0];
        yield 'water-based on a tee' => [30.0, Substrate::Cotton, 175.0, 220.0, 60.0, true, 120.0];
        yield 'water-based, little air' => [40.0, Substrate::Fleece, 160.0, 0.0, 15.0, true, 60.0];
    }

    public function testTheBeltIsAsFastAsCuresItThrough(): void
    {
        $plan = CurePlan::of(new Dryer(fastestMMin: 12.0), 60.0, Substrate::Cotton, CureNeed::plastisol());
        self::assertTrue($plan->cures, implode(' ', $plan->says));
        self::assertEqualsWithDelta(1.8 / $plan->beltMMin * 60, $plan->dwellS, 1e-9, 'belt speed is tunnel over dwell');
        $just = $plan->dwellS / CurePlan::TO_SPARE;
        self::assertGreaterThanOrEqual(CureNeed::plastisol()->holdS, CureCurve::of(new Dryer(fastestMMin: 12.0), 60.0, Underlay::of(Substrate::Cotton), CureNeed::plastisol(), $just)->overS);
        $shorter = CureCurve::of(new Dryer(fastestMMin: 12.0), 60.0, Underlay::of(Substrate::Cotton), CureNeed::plastisol(), $just - 1.0);
        self::assertTrue($shorter->overS < CureNeed::plastisol()->holdS || $shorter->peakC < 154.0, 'a second less and it is not');
        $thick = CurePlan::of(new Dryer(), 140.0, Substrate::Fleece, CureNeed::plastisol());
        self::assertGreaterThan($plan->dwellS, $thick->dwellS, 'thick and heavy takes longer');
        $damp = CurePlan::of(new Dryer(), 60.0, Substrate::Cotton, CureNeed::plastisol(), damp: 1.6);
        self::assertGreaterThan($plan->dwellS, $damp->dwellS, 'damp cloth too');
        $water = CurePlan::of(new Dryer(tunnelMm: 3000.0, blows: 60.0), 30.0, Substrate::Cotton, CureNeed::waterBased());
        self::assertNotNull($water->curve->dryS);
        self::assertGreaterThan(90.0 + 5.0, $water->dwellS, 'its water goes first');
        self::assertEqualsWithDelta(60 * $plan->beltMMin / 0.7, $plan->anHour, 1e-9, 'one tee beside the other on 760 mm: one');
        self::assertEqualsWithDelta(2 * 60 * 2.0 / 0.7, (new Dryer(beltMm: 1200.0))->anHour(2.0), 1e-9);
    }

    public function testWhatADryerCannotIsSaid(): void
    {
        $cool = CurePlan::of(new Dryer(airC: 140.0, panelC: 0.0), 60.0, Substrate::Cotton, CureNeed::plastisol());
        self::assertFalse($cool->cures);
        self::assertStringContainsString('never cures', $cool->says[0]);
        $short = CurePlan::of(new Dryer(tunnelMm: 600.0, slowestMMin: 1.0), 60.0, Substrate::Cotton, CureNeed::waterBased());
        self::assertFalse($short->cures);
        self::assertStringContainsString('slowest belt', implode(' ', $short->says));
        $nylon = CurePlan::of(new Dryer(), 60.0, Substrate::Nylon, CureNeed::plastisol());
        self::assertFalse($nylon->cures);
        self::assertStringContainsString('bonding', implode(' ', $nylon->says));
        $trims = CurePlan::of(new Dryer(), 60.0, Substrate::Cotton, CureNeed::plastisol(), trims: true);
        self::assertStringContainsString('zips', implode(' ', $trims->says));
        $polyester = CurePlan::of(new Dryer(airC: 185.0), 60.0, Substrate::Polyester, CureNeed::plastisol());
        self::assertStringContainsString('dye', implode(' ', $polyester->says));
        $this->expectException(ImpossibleCure::class);
        new Dryer(slowestMMin: 4.0, fastestMMin: 4.0);
    }

    /**
     * Explicit differences, twice as many cells of ink and four times as many of cloth.
     *
     * @return array{at: array<int, array{float, float}>, over: float, dry: float|null} surface and interface each tenth of a second
     */
    private static function simulated(float $filmUm, Underlay $cloth, float $airC, float $panelC, float $blows, float $water, float $dwellS, float $least): array
    {
        [$inks, $cloths] = [6, 16];
        $dx = $k = $c = [];
        for ($i = 0; $i < $inks; ++$i) {
            [$dx[], $k[], $c[]] = [$filmUm * 1e-6 / $inks, 0.18, 1.9e6];
        }
        for ($i = 0; $i < 2 * $cloths; ++$i) {
            [$dx[], $k[], $c[]] = [$cloth->thicknessMm * 1e-3 / $cloths, $cloth->conducts, $cloth->holds];
        }
        $n = \count($dx);
        $between = [];
        for ($i = 0; $i < $n - 1; ++$i) {
            $between[] = 1 / ($dx[$i] / (2 * $k[$i]) + $dx[$i + 1] / (2 * $k[$i + 1]) + ($i === $inks + $cloths - 1 ? 0.012 : 0.0));
        }
        $dt = 0.1;
        for ($i = 0; $i < $n; ++$i) {
            $dt = min($dt, 0.4 * $dx[$i] * $c[$i] / (($between[$i] ?? 0) + ($between[$i - 1] ?? 0) + 60));
        }
        $steps = (int) ceil(0.1 / $dt);
        $dt = 0.1 / $steps;
        $t = array_fill(0, $n, 22.0);
        $at = [0 => [22.0, 22.0]];
        $over = 0.0;
        $dry = null;
        for ($tenth = 1; $tenth <= 10 * $dwellS; ++$tenth) {
            for ($s = 0; $s < $steps; ++$s) {
                $in = $blows * ($airC - $t[0]) + ($panelC > 0 ? max(0.0, 0.92 * 5.670374e-8 * (($panelC + 273.15) ** 4 - ($t[0] + 273.15) ** 4)) : 0.0);
                if ($water > 0) {
                    $celsius = min(99.9, $t[0]);
                    $gone = min($water, 1000 * $dt * $blows / 1000 * 611.2 * exp(17.62 * $celsius / (243.12 + $celsius)) / (461.5 * ($celsius + 273.15)));
                    $water -= $gone;
                    $in -= $gone * 2300 / $dt;
                    $dry = $water <= 0 ? $tenth / 10 : null;
                }
                $next = $t;
                for ($i = 0; $i < $n; ++$i) {
                    $gain = $i === 0 ? $in : $between[$i - 1] * ($t[$i - 1] - $t[$i]);
                    $gain += $i === $n - 1 ? 0.45 * $blows * ($airC - $t[$i]) : $between[$i] * ($t[$i + 1] - $t[$i]);
                    $next[$i] = $t[$i] + $dt * $gain / ($dx[$i] * $c[$i]);
                }
                $t = $next;
            }
            // Where film meets cloth, by the heat that flows across.
            $q = $between[$inks - 1] * ($t[$inks - 1] - $t[$inks]);
            $through = $t[$inks - 1] - $q * $dx[$inks - 1] / 2 / 0.18;
            $at[$tenth] = [$t[0], $through];
            $over += $through >= $least ? 0.1 : 0.0;
        }

        return ['at' => $at, 'over' => $over, 'dry' => $dry];
    }
}
