<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\TwoTone;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\GainSetting;
use Ektype\Core\Halftone\KnownGain;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Halftone\RoomBeside;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Method\TwoTone\HeldDots;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\TestCase;

/** Dots against mesh, press and each other. */
final class HeldDotsTest extends TestCase
{
    public function testLostDotsAndClosedHolesAreCountedWhereTheyAre(): void
    {
        // 90–48 at 45 lpi: dots of 0.111 mm in cells of 0.564 mm are 3.04 % on film.
        $range = ToneRange::on(new Mesh(90, 48), 45.0);
        self::assertEqualsWithDelta(\M_PI * (0.1111 / 2 / 0.5644) ** 2, $range->lightest, 1e-3);
        $gain = PressGain::assumed();
        // A tenth bare, a tenth far too light, six tenths held, a tenth too dark, a tenth solid.
        $bytes = str_repeat("\0", 10).str_repeat("\x01", 10).str_repeat("\x20", 60).str_repeat("\x3f", 10).str_repeat("\x40", 10);
        $map = new CoverageMap(10, 10, 8, $bytes);
        $held = HeldDots::of($map, $range, $gain);
        self::assertEqualsWithDelta(0.1, $held->lostShare, 1e-9);
        self::assertEqualsWithDelta(0.0, $held->filledShare, 1e-9, '98 % printed is a hole of the film that stands');
        $coarse = HeldDots::of($map, ToneRange::on(new Mesh(43, 80), 45.0), $gain);
        self::assertEqualsWithDelta(0.1, $coarse->filledShare, 1e-9);
        // The finest dot that the mesh holds prints as 5.6 %, 3.6 of 64: two are lost, four are not.
        $near = HeldDots::of(new CoverageMap(2, 1, 8, "\x02\x04"), $range, $gain);
        self::assertEqualsWithDelta(0.5, $near->lostShare, 1e-9);
        $marks = str_split($held->marked($map, 'LOST', 'FULL', '....'), 4);
        self::assertSame(['....' => 90, 'LOST' => 10], array_count_values($marks));
        self::assertSame('LOST', $marks[10]);
    }

    /** What is printed is mean coverage in squares of the film; one tone a square where none is to be mixed. */
    public function testAMapOfTonesIsMeanOrPicked(): void
    {
        $tones = new ToneRaster(16, 8, str_repeat(str_repeat("\0\xff", 8), 8));
        $mean = CoverageMap::ofTones($tones, 32, 16);
        self::assertSame([8, 4], [$mean->width, $mean->height]);
        self::assertSame([32 => 32], count_chars($mean->bytes, 1), 'half everywhere');
        $picked = CoverageMap::ofTones($tones, 32, 16, picked: true);
        self::assertSame([], array_diff(array_keys(count_chars($picked->bytes, 1)), [0, 64]));
    }

    /** Round dots of 20 % in cells of 13.33 pixels have a radius of 3.36; two pixels further leave 1 − π 5.36² / 177.8. */
    public function testTheRoomThatDotsLeave(): void
    {
        $cell = Supercell::for(600.0, 45.0, 22.5);
        $room = RoomBeside::of($cell, Dot::Round, 2.0);
        $pixels = (600 / 45) ** 2;
        foreach ([0.0625, 0.125, 0.1875] as $tone) {
            $radius = sqrt($tone * $pixels / \M_PI) + 2.0;
            self::assertEqualsWithDelta(1 - \M_PI * $radius ** 2 / $pixels, $room->beside($tone), 0.05, "tone $tone");
        }
        self::assertSame(1.0, $room->beside(0.0));
        self::assertSame(0.0, $room->beside(1.0));
        $touching = RoomBeside::of($cell, Dot::Round, 0.0);
        foreach ([0.125, 0.5, 0.875] as $tone) {
            self::assertEqualsWithDelta(1 - $tone, $touching->beside($tone), 0.005);
        }
    }

    /** Dots beside each other on half cloth: c = (g + a o (K − g) + b p (W − g)) in the 1.7th root. */
    public function testInksBesideEachOtherInThePull(): void
    {
        $map = static fn (int $parts): CoverageMap => new CoverageMap(1, 1, 8, \chr($parts));
        $rgba = PulledPrint::beside(Srgb::fromHex('#8f3a30'), [
            new PulledLayer($map(16), Srgb::fromHex('#ffffff'), 0.9),
            new PulledLayer($map(32), Srgb::fromHex('#000000'), 0.8),
        ]);
        $seen = [];
        foreach (Srgb::fromHex('#8f3a30')->linear() as $cloth) {
            $root = $cloth ** (1 / 1.7);
            $seen[] = ($root + 0.25 * 0.9 * (1 - $root) + 0.5 * 0.8 * (0 - $root)) ** 1.7;
        }
        $expected = Srgb::fromLinear([$seen[0], $seen[1], $seen[2]]);
        self::assertSame([$expected->red, $expected->green, $expected->blue, 255], array_values((array) unpack('C4', $rgba)));
        self::assertSame("\0\0\0\0", PulledPrint::beside(Srgb::fromHex('#8f3a30'), [new PulledLayer($map(0), Srgb::fromHex('#ffffff'), 0.9)]), 'bare cloth is clear');
    }

    public function testDarkClothTakesLightInkTwice(): void
    {
        $on = static fn (string $hex): Laying => Strokes::alone(Lab::of(Srgb::fromHex($hex)))->laying;
        self::assertSame([Laying::Once, Laying::Twice, Laying::PrintFlashPrint], [$on('#f4efe4'), $on('#8f8a86'), $on('#1b2436')]);
        // Two layers of ink that hides eight tenths leave a fifth of a fifth.
        self::assertEqualsWithDelta(0.96, Laying::PrintFlashPrint->hiding(0.8), 1e-9);
        self::assertEqualsWithDelta(1 - 0.2 ** 1.25, Laying::Twice->hiding(0.8), 1e-9);
        self::assertEqualsWithDelta(0.8, Laying::Once->hiding(0.8), 1e-9);
        self::assertSame([1, 2, 2], array_map(static fn (Laying $l): int => $l->strokes(), Laying::cases()));
    }

    /** A range of the film is wider on the print where dots gain, and the way back is the way there. */
    public function testTheCurveTheOtherWayRound(): void
    {
        $curve = new ToneCurve([[20.0, 10.0], [60.0, 40.0], [90.0, 80.0]]);
        foreach ([0.05, 0.1, 0.27, 0.4, 0.66, 0.93] as $film) {
            self::assertEqualsWithDelta($film, $curve->film($curve->wished($film)), 1e-6);
        }
        $printed = $curve->printed(new Tones(0.1, 0.8));
        self::assertEqualsWithDelta(0.2, $printed->lightest, 1e-6);
        self::assertEqualsWithDelta(0.9, $printed->darkest, 1e-6);
        self::assertSame([0.0, 1.0], [$curve->printed(new Tones(0.0, 1.0))->lightest, $curve->printed(new Tones(0.0, 1.0))->darkest]);
    }

    public function testAChartIsBorrowedFromTheNearestSetting(): void
    {
        $mine = new GainSetting(1, 90.0, InkKind::Plastisol, 45.0, 1);
        $ruling = new GainSetting(1, 90.0, InkKind::Plastisol, 55.0, 1);
        $press = new GainSetting(2, 90.0, InkKind::Plastisol, 45.0, 1);
        $ink = new GainSetting(1, 90.0, InkKind::WaterBased, 45.0, 2);
        self::assertSame(0.0, $mine->distance($mine));
        self::assertSame(0.0, $mine->distance(new GainSetting(1, 92.0, InkKind::Plastisol, 45.5, 1)), 'next to it is it');
        self::assertLessThan($mine->distance($press), $mine->distance($ruling));
        self::assertEqualsWithDelta(2 * log(55 / 45, 2), $mine->distance($ruling), 1e-9);
        self::assertEqualsWithDelta(2.0, $mine->distance($ink), 1e-9, 'another kind of ink and a stroke more');
        self::assertSame(['another press'], $mine->differs($press));
        self::assertSame(['another kind of ink', '2 strokes'], $mine->differs($ink));
        self::assertSame(0.0, (new GainSetting(null, null, null, 45.0, 1))->distance($press), 'what is not known is no difference');
    }

    public function testTheFigureOfTheGainSaysWhereItComesFrom(): void
    {
        $assumed = KnownGain::assumed()->figure();
        self::assertSame(Sign::Reckoned, $assumed->sign);
        self::assertStringContainsString('trade default', $assumed->source);
        $readings = [];
        for ($film = 10; $film <= 90; $film += 10) {
            $readings[] = new ReadTone($film / 100, $film / 100 + 0.9 * ($film / 100) * (1 - $film / 100));
        }
        $read = KnownGain::read(new PressGain($readings), '2026-03-02', [])->figure();
        self::assertSame(Sign::Measured, $read->sign);
        self::assertEqualsWithDelta(22.5, (float) $read->value, 0.6);
        self::assertLessThan((float) $assumed->high - (float) $assumed->low, (float) $read->high - (float) $read->low);
        self::assertSame(Sign::Reckoned, KnownGain::read(new PressGain($readings), '2026-03-02', ['another press'])->figure()->sign);
    }
}
