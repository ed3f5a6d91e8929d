<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Flash;

use Ektype\Core\Flash\FlashCurve;
use Ektype\Core\Flash\FlashKind;
use Ektype\Core\Flash\FlashLearned;
use Ektype\Core\Flash\FlashReading;
use Ektype\Core\Flash\FlashSign;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Flash\HeatFlow;
use Ektype\Core\Flash\ImpossibleFlash;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Plate\Substrate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class FlashTest extends TestCase
{
    /**
     * Against heat stepped through ink, cloth and platen in thousandths of a second on a grid three to five times as fine, explicitly: 1 to
     * 6 W/cm², 30 to 80 mm, platens of 20 to 60 °C, films of 40 to 150 µm, tee and fleece.
     */
    public function testTheDwellIsThatOfHeatInFineSteps(): void
    {
        $random = new Randomizer(new Mt19937(28));
        $worst = 0.0;
        $gelled = 0;
        for ($k = 0; $k < 14; ++$k) {
            [$watt, $mm, $platen, $film] = [$random->getInt(100, 600) / 100, $random->getInt(30, 80), $random->getInt(20, 60), $random->getInt(40, 150)];
            $fleece = $k % 2 === 1;
            $unit = new FlashUnit(FlashKind::Panel, $watt * 1600, heightMm: $mm);
            $from = (new FlashCurve($unit, $film, Underlay::of($fleece ? Substrate::Fleece : Substrate::Cotton), $platen))->dwell()?->fromS;
            $true = self::stepped(1e4 * $watt * 0.42 * self::view(400 / $mm), $film, $fleece, $platen);
            if ($true === null || $true > 38) {
                self::assertTrue($from === null || $from > 30, 'what never gels');
                continue;
            }
            ++$gelled;
            self::assertNotNull($from);
            $worst = max($worst, abs(log($from / $true)));
        }
        self::assertGreaterThan(9, $gelled);
        self::assertLessThan(log(1.1), $worst);
    }

    /** Deep ink without losses warms as Carslaw and Jaeger have it: 2 q √(t / π k ρc) at the surface. */
    public function testADeepFilmWarmsWithTheRootOfTime(): void
    {
        $flow = new HeatFlow(300.0, new Underlay(1.0, 0.18, 1.9e6), 22.0, 22.0);
        for ($s = 0.0; $s < 2.0 - 1e-9; $s += HeatFlow::STEP_S) {
            $flow->step(6000.0);
        }
        $rise = 2 * 6000 * sqrt(2.0 / (\M_PI * 0.18 * 1.9e6));
        self::assertEqualsWithDelta($rise, $flow->surfaceC(6000.0) - 22, 0.06 * $rise);
    }

    /** What an element under the middle of a very large panel sees is all of it; far away as much as its area over π times the distance squared. */
    public function testTheViewOfAPanel(): void
    {
        self::assertEqualsWithDelta(1.0, FlashUnit::view(1000.0, 1000.0), 0.005);
        self::assertEqualsWithDelta(0.01 / \M_PI, FlashUnit::view(0.1, 0.1), 1e-4);
        self::assertEqualsWithDelta(0.1998, FlashUnit::view(1.0, 1.0), 1e-4, 'two faces of a cube (published)');
        self::assertEqualsWithDelta(1.875, (new FlashUnit())->wattCm2(), 1e-9);
    }

    /** @return iterable<string, array{float, float, string}> */
    public static function noFlashes(): iterable
    {
        yield 'too low' => [9.9, 1.9, 'burns the cloth'];
        yield 'too high' => [300.1, 1.9, 'hardly warms it'];
        yield 'too weak' => [45.0, 0.19, 'is no flash'];
        yield 'too strong' => [45.0, 10.1, 'is no flash'];
    }

    #[DataProvider('noFlashes')]
    public function testWhatIsNoFlashIsRefused(float $heightMm, float $wattCm2, string $says): void
    {
        $this->expectException(ImpossibleFlash::class);
        $this->expectExceptionMessage($says);
        new FlashUnit(FlashKind::Panel, $wattCm2 * 1600, heightMm: $heightMm);
    }

    public function testAHotPlatenIsNoneToFlashOn(): void
    {
        self::assertGreaterThan(0.0, (new FlashCurve(new FlashUnit(), startC: 104.9))->until(105.0));
        $this->expectException(ImpossibleFlash::class);
        $this->expectExceptionMessage('gels ink before it is flashed');
        new FlashCurve(new FlashUnit(), startC: 105.0);
    }

    /** More watts, a warmer platen, a lower flash and a thinner film each gel sooner. */
    public function testEachThingMovesTheDwellItsWay(): void
    {
        $from = static fn (float $watts = 3000.0, float $mm = 45.0, float $film = 60.0, float $platen = 38.0): float => (new FlashCurve(new FlashUnit(FlashKind::Panel, $watts, heightMm: $mm), $film, startC: $platen))->dwell()->fromS ?? 99.0;
        self::assertTrue($from() > 3 && $from() < 12, 'as the trade has it: 3 to 14 s');
        self::assertLessThan($from(), $from(watts: 4500.0));
        self::assertLessThan($from(), $from(platen: 55.0));
        self::assertLessThan($from(), $from(mm: 35.0));
        self::assertLessThan($from(), $from(film: 40.0));
        self::assertGreaterThan($from(), $from(mm: 80.0));
        self::assertGreaterThan($from(), $from(film: 120.0));
        $usual = FlashLearned::of([]);
        $dwell = (new FlashCurve(new FlashUnit(), startC: 38.0))->dwell();
        self::assertNotNull($dwell);
        self::assertLessThan(4.0, $dwell->middleS / $usual->reach, 'untested, as short as strong heads need');
        self::assertGreaterThan(14.0, $dwell->middleS * $usual->reach, 'and as long as weak ones');
    }

    public function testADwellGelsAndDoesNotCure(): void
    {
        $curve = new FlashCurve(new FlashUnit(), startC: 38.0);
        $dwell = $curve->dwell();
        self::assertNotNull($dwell);
        self::assertEqualsWithDelta(105, $curve->heated($dwell->fromS), 0.01);
        self::assertEqualsWithDelta(120, $curve->heated($dwell->toS), 0.01);
        self::assertSame('gelled', $curve->does($dwell->timerS()));
        self::assertStringContainsString('under-flashed', $curve->does(0.5 * $dwell->fromS));
        self::assertStringContainsString('over-flashed', $curve->does(1.3 * $dwell->toS));
        self::assertSame('scorched', (new FlashCurve(new FlashUnit(watts: 6000.0)))->does(16.0));
        $cool = $curve->untilCool($dwell->timerS());
        self::assertEqualsWithDelta(50, $curve->cooled($dwell->timerS(), $cool), 0.5);
        self::assertGreaterThan(50, $curve->cooled($dwell->timerS(), 0.5 * $cool));
    }

    /** Shops whose flash takes up more or less heat: a probe and a finger find it, within what they say, nine times in ten. */
    public function testReadingsFindTheFlashOfAShop(): void
    {
        $random = new Randomizer(new Mt19937(9));
        $within = 0;
        for ($shop = 0; $shop < 60; ++$shop) {
            $truth = exp(max(-0.6, min(0.6, 0.3 * self::normal($random))));
            $usual = new FlashCurve(new FlashUnit(), startC: 38.0);
            $true = new FlashCurve(new FlashUnit(), startC: 38.0, times: $truth);
            $readings = [];
            foreach ([5.0, 8.0] as $seconds) {
                $celsius = $true->heated($seconds) + 3 * self::normal($random);
                $sign = $celsius < 105 ? FlashSign::Wet : ($celsius > 120 ? FlashSign::Slick : FlashSign::Gelled);
                $readings[] = FlashReading::of($usual, $seconds, $shop % 2 === 0 ? FlashSign::Probe : $sign, $shop % 2 === 0 ? $celsius : null);
            }
            $learned = FlashLearned::of($readings);
            self::assertLessThan(FlashLearned::of([])->reach, $learned->reach);
            $within += abs(log($truth / $learned->times)) < log($learned->reach) ? 1 : 0;
        }
        self::assertGreaterThanOrEqual(50, $within);
    }

    public function testAReadingInTheOtherUnitIsSeen(): void
    {
        $curve = new FlashCurve(new FlashUnit(), startC: 38.0);
        $says = static function (float $read) use ($curve): string {
            try {
                $curve->learned(7.0, $read);
            } catch (ImpossibleFlash $not) {
                return $not->getMessage();
            }

            return '';
        };
        self::assertSame('', $says(110.0));
        self::assertStringContainsString('If that was read in °F, it is 110 °C.', $says(230.0));
        self::assertStringContainsString('If it was read in °C and taken for °F, it was 110 °C.', $says(43.3));
        self::assertStringContainsString('is hardly so', $says(20.0));
    }

    /** Explicit differences, 1 ms; each layer with a grid of its own. Seconds until the surface has 105 °C; null where it has not after 40 s. */
    private static function stepped(float $onInk, float $filmUm, bool $fleece, float $platen): ?float
    {
        $cells = [];
        $layers = [[$filmUm * 1e-6, 0.18, 1.9e6, 5], $fleece ? [2.0e-3, 0.045, 0.28e6, 25] : [0.55e-3, 0.06, 0.42e6, 12], [3.0e-3, 0.17, 1.5e6, 12]];
        foreach ($layers as $layer => [$thick, $k, $c, $n]) {
            for ($i = 0; $i < $n; ++$i) {
                $cells[] = [$thick / $n, $k, $c, $layer];
            }
        }
        $dt = 0.25 * min(1.0, ...array_map(static fn (array $cell): float => $cell[2] * $cell[0] ** 2 / $cell[1] / 2, $cells));
        $t = array_fill(0, \count($cells), $platen);
        for ($s = 0.0; $s < 40.0; $s += $dt) {
            $flux = [$onInk - 9 * ($t[0] - 22) - 0.92 * 5.670374e-8 * (($t[0] + 273.15) ** 4 - 295.15 ** 4)];
            foreach ($cells as $i => [$d, $k, , $layer]) {
                $next = $cells[$i + 1] ?? null;
                $resist = $d / 2 / $k + ($next === null ? 0.0 : $next[0] / 2 / $next[1]) + ($layer === 1 && $next !== null && $next[3] === 2 ? 0.004 : 0.0);
                $flux[] = ($t[$i] - ($next === null ? $platen : $t[$i + 1])) / $resist;
            }
            foreach ($cells as $i => [$d, , $c]) {
                $t[$i] += $dt * ($flux[$i] - $flux[$i + 1]) / ($c * $d);
            }
            if ($t[0] + $flux[0] * $cells[0][0] / 2 / 0.18 >= 105) {
                return $s;
            }
        }

        return null;
    }

    /** Two equal squares, by Monte Carlo over where light leaves and arrives. */
    private static function view(float $side): float
    {
        $random = new Randomizer(new Mt19937(1));
        $sum = 0.0;
        for ($k = 0; $k < 20_000; ++$k) {
            $x = $side * ($random->getInt(0, 1_000_000) - $random->getInt(0, 1_000_000)) / 1_000_000;
            $y = $side * ($random->getInt(0, 1_000_000) - $random->getInt(0, 1_000_000)) / 1_000_000;
            $sum += $side * $side / \M_PI / (1 + $x * $x + $y * $y) ** 2;
        }

        return $sum / 20_000;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000_000) / 1_000_000_001)) * cos(2 * \M_PI * $random->getInt(0, 1_000_000_000) / 1_000_000_000);
    }
}
