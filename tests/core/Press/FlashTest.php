<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Press\FlashCurve;
use Ektype\Core\Press\ImpossibleFlash;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Press\Stretch;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class FlashTest extends TestCase
{
    /** Against stepping the heat through in hundredths of a second. */
    public function testTheSurfaceWarmsAsHeatFlows(): void
    {
        $curve = FlashCurve::of(45, startC: 40);
        $c = 40.0;
        for ($k = 0; $k < 600; ++$k) {
            $c += 0.01 * ($curve->reachC - $c) / $curve->heatsS;
        }
        self::assertEqualsWithDelta($c, $curve->heated(6.0), 0.3);
        $dwell = $curve->dwell();
        self::assertNotNull($dwell);
        self::assertEqualsWithDelta(105, $curve->heated($dwell->fromS), 1e-9);
        self::assertEqualsWithDelta(120, $curve->heated($dwell->toS), 1e-9);
        self::assertSame('gelled', $curve->does($dwell->aimS));
        self::assertStringContainsString('under-flashed', $curve->does(0.5 * $dwell->fromS));
        self::assertStringContainsString('over-flashed', $curve->does(1.2 * $dwell->toS));
        self::assertSame('scorched', $curve->does(($dwell->scorchS ?? 60) + 1));
        $cool = $curve->untilCool(112);
        self::assertEqualsWithDelta(50, $curve->cooled(112, $cool), 1e-9);
    }

    /** By the law as it is written: heat goes with the power and with the height to the −0.7; times with its root, film and cloth. */
    public function testPowerHeightFilmAndClothAreEachPutToTheSum(): void
    {
        $usual = FlashCurve::of(45.0, 1.9, 60.0);
        self::assertEqualsWithDelta([260.0, 9.0, 6.0], [$usual->reachC, $usual->heatsS, $usual->coolsS], 1e-9);
        $strong = FlashCurve::of(45.0, 3.8, 60.0);
        self::assertEqualsWithDelta([22 + 238 * sqrt(2), 9 / sqrt(2), 6.0], [$strong->reachC, $strong->heatsS, $strong->coolsS], 1e-9, 'a stronger flash heats faster and further');
        $high = FlashCurve::of(90.0, 1.9, 60.0);
        self::assertEqualsWithDelta([22 + 238 * 0.5 ** 0.35, 9 * 2 ** 0.35, 6.0], [$high->reachC, $high->heatsS, $high->coolsS], 1e-9, 'a higher one slower');
        $thick = FlashCurve::of(45.0, 1.9, 120.0, 1.4);
        self::assertEqualsWithDelta([260.0, 9 * 1.6 * 1.4, 6 * 1.5 * 1.4], [$thick->reachC, $thick->heatsS, $thick->coolsS], 1e-9);
        self::assertEqualsWithDelta([30 + 230.0, 7 * 1.0], [FlashCurve::of(45.0, roomC: 30.0, learnedS: 7.0)->reachC, FlashCurve::of(45.0, filmUm: 60.0, learnedS: 7.0)->heatsS], 1e-9);
    }

    /** @return iterable<string, array{float, float, float, string}> */
    public static function noFlashes(): iterable
    {
        yield 'too low' => [9.9, 1.9, 30.0, 'burns the cloth'];
        yield 'too high' => [300.1, 1.9, 30.0, 'hardly warms it'];
        yield 'too weak' => [45.0, 0.19, 30.0, 'is no flash'];
        yield 'too strong' => [45.0, 10.1, 30.0, 'is no flash'];
        yield 'on a hot platen' => [45.0, 1.9, 105.0, 'gels ink before it is flashed'];
    }

    #[DataProvider('noFlashes')]
    public function testWhatIsNoFlashIsRefused(float $heightMm, float $wattCm2, float $startC, string $says): void
    {
        $this->expectException(ImpossibleFlash::class);
        $this->expectExceptionMessage($says);
        FlashCurve::of($heightMm, $wattCm2, startC: $startC);
    }

    public function testTheEndsOfWhatCanBeAreTaken(): void
    {
        foreach ([[10.0, 1.9, 30.0], [300.0, 1.9, 30.0], [45.0, 0.2, 30.0], [45.0, 10.0, 30.0], [45.0, 1.9, 104.9]] as [$mm, $watt, $start]) {
            self::assertGreaterThan(0.0, FlashCurve::of($mm, $watt, startC: $start)->heatsS);
        }
    }

    public function testWarmPlatensAndALowerFlashShortenIt(): void
    {
        $usual = FlashCurve::of(45)->dwell();
        self::assertLessThan($usual?->fromS, FlashCurve::of(45, startC: 50)->dwell()?->fromS);
        self::assertLessThan($usual?->fromS, FlashCurve::of(35)->dwell()?->fromS);
        self::assertGreaterThan($usual?->fromS, FlashCurve::of(45, clothHeat: 1.4)->dwell()?->fromS, 'fleece');
        self::assertTrue(3 < ($usual->fromS ?? 0) && ($usual->fromS ?? 0) < 12, 'as the trade has it: 3 to 12 s');
    }

    /** A probe in a known flash: what it reads gives its heating time back. */
    public function testAReadingTellsTheHeatingTime(): void
    {
        $true = FlashCurve::heating(FlashCurve::of(45), 5.5);
        self::assertEqualsWithDelta(5.5, FlashCurve::of(45)->learned(6.0, $true->heated(6.0)), 1e-9);
        $this->expectException(ImpossibleFlash::class);
        $this->expectExceptionMessage('cannot be: it starts at 30 °C');
        FlashCurve::of(45)->learned(6.0, 25.0);
    }

    public function testTheRhythmIsSetByTheSlowest(): void
    {
        $screens = [new PressStation('Base', 2, 7, 5), new PressStation('Gold', 1), new PressStation('Navy', 1)];
        $alone = Rhythm::of($screens, 1, false, 100);
        // 14 s loading, 3 × 3 s screens, 4 × 2.5 s strokes, 12 s of flash and cooling that nothing fills
        self::assertEqualsWithDelta(14 + 9 + 10 + 12, $alone->secondsAPiece, 1e-9);
        self::assertSame('flash and cooling', $alone->waitsAt);
        $four = Rhythm::of($screens, 4, false, 100);
        self::assertEqualsWithDelta(33, $four->secondsAPiece, 1e-9);
        self::assertSame('hands', $four->waitsAt);
        $automatic = Rhythm::of($screens, 8, true, 100);
        self::assertEqualsWithDelta(2 + 14, $automatic->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(100 / $four->piecesAnHour, $four->hours, 1e-9);
    }

    /** Against Pythagoras: two straight lengths of mesh, the image on the one that shares its stretch. */
    public function testPressedMeshLandsTheImageOff(): void
    {
        foreach ([[500.0, 3.0, 120.0], [500.0, 3.0, 250.0], [620.0, 4.5, 500.0]] as [$free, $down, $at]) {
            [$near, $far] = [hypot($at, $down) - $at, hypot($free - $at, $down) - ($free - $at)];
            // Tension is the same on both sides: the longer stretch draws the point towards the side that lengthened more.
            self::assertEqualsWithDelta($far - $near, Stretch::landsOff($free, $down, $at), 2e-4);
        }
        self::assertEqualsWithDelta(0.0, Stretch::landsOff(500, 3, 250), 1e-12);
        self::assertLessThan(0, Stretch::landsOff(500, 3, 100), 'outward, near the frame');
    }
}
