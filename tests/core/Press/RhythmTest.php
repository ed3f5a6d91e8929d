<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Press\Stretch;
use PHPUnit\Framework\TestCase;

final class RhythmTest extends TestCase
{
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
