<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Press\FlashCurve;
use Ektype\Core\Press\ImpossibleFlash;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Press\Stretch;
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
