<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Tone\FlatAreas;
use Ektype\Core\Tone\FlatColours;
use PHPUnit\Framework\TestCase;

/** Flat areas told apart from tones: on pictures whose areas are known, because they were drawn here. */
final class FlatAreasTest extends TestCase
{
    private const SIDE = 240;
    private const RED = [225, 38, 28];

    public function testALogoIsFoundBesideAPhotographAndSoIsOneThatWasCompressed(): void
    {
        foreach ([0, 3] as $scatter) {
            $found = FlatColours::of(self::picture($scatter, disc: true));
            self::assertCount(1, $found, "scatter of $scatter");
            self::assertEqualsWithDelta(self::RED[0], $found[0]->colour->red, 2);
            self::assertEqualsWithDelta(self::RED[1], $found[0]->colour->green, 2);
            // The disc less the pixels at its rim, of all of the picture.
            self::assertEqualsWithDelta(\M_PI * 46 ** 2 / self::SIDE ** 2, $found[0]->share, 0.02);
        }
    }

    public function testTonesThatRunOnHaveNoFlatColourHoweverSmooth(): void
    {
        self::assertSame([], FlatColours::of(self::picture(0, disc: false)), 'a picture');
        $ramp = '';
        for ($i = 0; $i < self::SIDE ** 2; ++$i) {
            // Each step of it is some ten pixels wide: even places, as many of the next step as of each.
            $code = 80 + intdiv($i % self::SIDE, 10);
            $ramp .= \chr($code).\chr($code + 20).\chr(220);
        }
        self::assertSame([], FlatColours::of(new ArtRaster(self::SIDE, self::SIDE, $ramp, false)), 'a sky');
    }

    public function testWhatIsClearIsNoColour(): void
    {
        $picture = self::picture(0, disc: true);
        $clear = new ArtRaster(self::SIDE, self::SIDE, $picture->rgb, true, alpha: str_repeat("\0", self::SIDE ** 2));
        self::assertSame([], FlatColours::of($clear));
    }

    /** How much of a pixel the disc covers is counted in 8 × 8 parts of it: as much prints of the area, and the rest as what lies beside. */
    public function testAnEdgeHasAsMuchOfTheAreaAsWasDrawnAndNoThirdTone(): void
    {
        $picture = self::picture(0, disc: true);
        $areas = FlatAreas::of(self::channels($picture), self::SIDE, [new Srgb(...self::RED)], 1);
        self::assertEqualsWithDelta(\M_PI * 50 ** 2 / self::SIDE ** 2, $areas->share(), 0.02);
        $plate = $areas->laid(str_repeat("\x50", self::SIDE ** 2), [255]);
        $off = [];
        for ($i = 0; $i < self::SIDE ** 2; ++$i) {
            $part = self::covered($i % self::SIDE, intdiv($i, self::SIDE));
            $off[] = abs(\ord($plate[$i]) - (0x50 + $part * (255 - 0x50)));
        }
        self::assertLessThan(45, max([0.0, ...$off]), 'no pixel is far off');
        self::assertLessThan(0.3, array_sum($off) / \count($off));
        $other = $areas->laid(str_repeat("\x50", self::SIDE ** 2), [0]);
        self::assertSame("\0", $other[120 * self::SIDE + 120], 'an ink that is none of the area leaves it bare');
        self::assertSame("\x50", $other[10 * self::SIDE + 10], 'and the rest as it is');
    }

    /** What a film cuts an edge by: the tones of both sides, the lesser first, at the rim of the disc and nowhere else. */
    public function testBothSidesOfAnEdgeAreTold(): void
    {
        $areas = FlatAreas::of(self::channels(self::picture(0, disc: true)), self::SIDE, [new Srgb(...self::RED)], 1);
        foreach ([255 => [0x50, 255], 0 => [0, 0x50]] as $flat => $sides) {
            $told = $areas->sides($areas->laid(str_repeat("\x50", self::SIDE ** 2), [$flat]), [$flat]);
            $many = 0;
            foreach ($told as $y => $columns) {
                foreach ($columns as $x => $edge) {
                    self::assertSame($sides, $edge);
                    self::assertEqualsWithDelta(50.0, hypot($x + 0.5 - 120, $y + 0.5 - 120), 4.0);
                    ++$many;
                }
            }
            self::assertGreaterThan(2 * \M_PI * 50, $many, 'all round');
        }
    }

    /** A ladybird may have the red of the badge here and there: single pixels of it stay in dots. */
    public function testPixelsThatHappenToHaveTheColourAreNoArea(): void
    {
        $rgb = self::picture(0, disc: false)->rgb;
        for ($i = 0; $i < self::SIDE ** 2; $i += 7) {
            $rgb = substr_replace($rgb, \chr(self::RED[0]).\chr(self::RED[1]).\chr(self::RED[2]), 3 * $i, 3);
        }
        $areas = FlatAreas::of(self::channels(new ArtRaster(self::SIDE, self::SIDE, $rgb, false)), self::SIDE, [new Srgb(...self::RED)], 1);
        self::assertSame(0.0, $areas->share());
    }

    /** Thin strokes beside a large area of the same colour are type of it. */
    public function testThinTypeOfTheSameColourIsHeldToo(): void
    {
        $rgb = self::picture(0, disc: true)->rgb;
        for ($x = 20; $x < 60; ++$x) {
            $rgb = substr_replace($rgb, \chr(self::RED[0]).\chr(self::RED[1]).\chr(self::RED[2]), 3 * (20 * self::SIDE + $x), 3);
        }
        $areas = FlatAreas::of(self::channels(new ArtRaster(self::SIDE, self::SIDE, $rgb, false)), self::SIDE, [new Srgb(...self::RED)], 1);
        $plate = $areas->laid(str_repeat("\0", self::SIDE ** 2), [255]);
        self::assertSame(str_repeat("\xff", 40), substr($plate, 20 * self::SIDE + 20, 40));
    }

    /** Two flats that meet: at their edge is one or the other or a part of both, and nothing of the picture. */
    public function testWhereTwoAreasMeetNothingElsePrints(): void
    {
        $rgb = '';
        for ($i = 0; $i < 60 * 60; ++$i) {
            $x = $i % 60;
            $part = max(0.0, min(1.0, ($x + 1 - 30.4) / 1.0));
            $rgb .= implode('', array_map(static fn (int $a, int $b): string => \chr((int) round($a + $part * ($b - $a))), self::RED, [255, 210, 0]));
        }
        $areas = FlatAreas::of(self::channels(new ArtRaster(60, 60, $rgb, false)), 60, [new Srgb(...self::RED), new Srgb(255, 210, 0)], 1);
        $base = $areas->laid(str_repeat("\0", 3600), [255, 255]);
        self::assertSame(str_repeat("\xff", 3600), $base, 'the base has no hole along it');
        $red = substr($areas->laid(str_repeat("\x80", 3600), [255, 0]), 30 * 60, 60);
        self::assertSame(str_repeat("\xff", 30), substr($red, 0, 30));
        self::assertEqualsWithDelta(0.4 * 255, \ord($red[30]), 2);
        self::assertSame(str_repeat("\0", 29), substr($red, 31));
    }

    /** Leaves and sky with grain, and a red disc of radius 50 with a smoothed edge. */
    private static function picture(int $scatter, bool $disc): ArtRaster
    {
        $rgb = '';
        for ($y = 0; $y < self::SIDE; ++$y) {
            for ($x = 0; $x < self::SIDE; ++$x) {
                $light = 0.5 + 0.5 * sin($x / 19 + $y / 31);
                $grain = ($x * 7919 + $y * 104729) % 13 - 6;
                $part = $disc ? self::covered($x, $y) : 0.0;
                $noise = $part === 1.0 && $scatter > 0 ? ($x * 31 + $y * 17) % (2 * $scatter + 1) - $scatter : 0;
                foreach ([40 + 120 * $light + $grain, 90 + 110 * $light - $grain, 60 + 150 * (1 - $light) + $grain] as $c => $code) {
                    $rgb .= \chr((int) max(0, min(255, round($code + $part * (self::RED[$c] - $code) + $noise))));
                }
            }
        }

        return new ArtRaster(self::SIDE, self::SIDE, $rgb, false);
    }

    private static function covered(int $x, int $y): float
    {
        $far = hypot($x + 0.5 - 120, $y + 0.5 - 120);
        if (abs($far - 50) > 2) {
            return $far < 50 ? 1.0 : 0.0;
        }
        $in = 0;
        for ($k = 0; $k < 64; ++$k) {
            $in += hypot($x + ($k % 8 + 0.5) / 8 - 120, $y + (intdiv($k, 8) + 0.5) / 8 - 120) < 50 ? 1 : 0;
        }

        return $in / 64;
    }

    /** @return array{string, string, string} */
    private static function channels(ArtRaster $art): array
    {
        $channels = ['', '', ''];
        for ($i = 0, $n = \strlen($art->rgb); $i < $n; ++$i) {
            $channels[$i % 3] .= $art->rgb[$i];
        }

        return $channels;
    }
}
