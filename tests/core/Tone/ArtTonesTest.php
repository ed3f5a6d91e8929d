<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Tone;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\Bend;
use Ektype\Core\Tone\ColourTable;
use Ektype\Core\Tone\NearestMix;
use Ektype\Core\Tone\PixelTables;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\ToneWork;
use PHPUnit\Framework\TestCase;

/** Lightness pixel by pixel against CIELAB, and what a printer does to a picture before it is printed. */
final class ArtTonesTest extends TestCase
{
    public function testEveryPlaceIsAsLightAsItsColour(): void
    {
        mt_srand(7);
        $colours = [];
        for ($i = 0; $i < 64 * 64; ++$i) {
            $colours[] = new Srgb(mt_rand(0, 255), mt_rand(0, 255), mt_rand(0, 255));
        }
        $lights = ArtTones::of(self::art($colours, 64), 64, 64, 100.0, new ToneWork())->lights();
        foreach ($colours as $i => $colour) {
            self::assertEqualsWithDelta(2.55 * Lab::of($colour)->l, \ord($lights[$i]), 0.75, $colour->hex());
        }
    }

    /** A grey picture goes another way through the program, to the same end. */
    public function testAGreyPictureToo(): void
    {
        $greys = array_map(static fn (int $g): Srgb => new Srgb($g, $g, $g), range(0, 255));
        $lights = ArtTones::of(self::art($greys, 16), 16, 16, 100.0, new ToneWork(bend: new Bend([[50.0, 70.0]])))->lights();
        $bend = new Bend([[50.0, 70.0]]);
        foreach ($greys as $i => $grey) {
            self::assertEqualsWithDelta(2.55 * $bend->at(Lab::of($grey)->l), \ord($lights[$i]), 2.0);
        }
    }

    /** A grey file is taken to tones a shorter way: the same tones. */
    public function testAGreyFileComesOutAsTheSamePictureInColoursDoes(): void
    {
        $grey = new \Imagick();
        $grey->newPseudoImage(90, 70, 'gradient:black-white');
        $grey->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        $grey->setImageDepth(8);
        $path = (string) tempnam(sys_get_temp_dir(), 'grey');
        $grey->writeImage("jpeg:$path");
        $short = ArtDecoder::over(ArtFile::at($path), Srgb::fromHex('#a02028'), null, true);
        $long = ArtDecoder::over(ArtFile::at($path), Srgb::fromHex('#a02028'));
        unlink($path);
        self::assertNotNull($short->grey, 'it went the shorter way');
        self::assertNull($long->grey);
        self::assertSame($long->rgb, $short->rgb);
        foreach ([[90, 70], [91, 70], [60, 45]] as [$width, $height]) {
            $one = ArtTones::of($short, $width, $height, 60.0, new ToneWork())->lights();
            $other = ArtTones::of($long, $width, $height, 60.0, new ToneWork())->lights();
            for ($i = 0; $i < $width * $height; ++$i) {
                if (abs(\ord($other[$i]) - \ord($one[$i])) > 4) {
                    self::fail("$width × $height at $i");
                }
            }
        }
    }

    /** Two inks looked up for each pixel are those that were searched for its colour. */
    public function testColoursGoThroughTheTable(): void
    {
        $mix = new NearestMix(Srgb::fromHex('#b9b7b0'), new GivenInk('dark', Srgb::fromHex('#1b1a17')), new GivenInk('light', Srgb::fromHex('#f6f4ee')));
        $table = ColourTable::read(ColourTable::of($mix)->written());
        mt_srand(11);
        $off = 0.0;
        for ($i = 0; $i < 20; ++$i) {
            $grey = mt_rand(10, 245);
            $colour = new Srgb(max(0, $grey - mt_rand(0, 20)), $grey, min(255, $grey + mt_rand(0, 10)));
            [$dark, $light] = ArtTones::of(self::art(array_fill(0, 256, $colour), 16), 16, 16, 100.0, new ToneWork())->through($table);
            // Neighbours take the steps of the table in turn: their mean is meant. Several mixtures may look alike.
            $mean = static fn (string $tones): float => array_sum((array) unpack('C*', $tones)) / 256 / 255;
            $off += Ciede2000::between($mix->lab([$mean($dark), $mean($light)]), $mix->lab($mix->of(Lab::of($colour)))) / 20;
        }
        self::assertLessThan(0.4, $off);
    }

    /** What lies between two steps of the table is taken in turn by four neighbours: their mean is what was meant. */
    public function testNeighboursTakeTheStepsOfATableInTurn(): void
    {
        $table = '';
        for ($node = 0; $node < PixelTables::STEPS ** 3; ++$node) {
            $table .= \chr(20 + 3 * ($node % PixelTables::STEPS));
        }
        foreach ([7, 40, 101, 150, 201, 250] as $code) {
            $pixels = str_repeat(\chr($code), 16);
            $out = PixelTables::inks($pixels, $pixels, $pixels, 4, $table, $table);
            [$sum, $least, $most] = [0.0, \INF, 0.0];
            foreach (str_split(substr($out, 0, 16)) as $byte) {
                $step = (\ord($byte) - 20) / 3;
                $sum += $step;
                $least = min($least, $step);
                $most = max($most, $step);
            }
            self::assertEqualsWithDelta($code * (PixelTables::STEPS - 1) / 255, $sum / 16, 0.13, "code $code");
            self::assertLessThanOrEqual(1.0, $most - $least);
        }
    }

    public function testAGroundThatHangsTogetherIsLeftOpenAndAnotherIsNot(): void
    {
        // White round a grey square with a white hole in it.
        $pixels = [];
        for ($y = 0; $y < 60; ++$y) {
            for ($x = 0; $x < 60; ++$x) {
                $square = $x >= 15 && $x < 45 && $y >= 15 && $y < 45;
                $hole = $x >= 26 && $x < 34 && $y >= 26 && $y < 34;
                $pixels[] = $square && !$hole ? new Srgb(90, 90, 90) : new Srgb(250, 250, 250);
            }
        }
        $art = ArtTones::of(self::art($pixels, 60), 60, 60, 100.0, new ToneWork(grounds: [[0.02, 0.02]]));
        $open = $art->where(str_repeat("\xff", 3600));
        $at = static fn (int $x, int $y): int => \ord($open->tones[60 * $y + $x]);
        self::assertSame(0, $at(5, 5));
        self::assertSame(0, $at(50, 30));
        self::assertSame(255, $at(20, 20));
        self::assertSame(255, $at(30, 30), 'the hole hangs together with nothing that was touched');
        self::assertGreaterThan(0, $at(14, 30));
        self::assertLessThan(255, $at(14, 30), 'its edge is soft');
    }

    /** Either side of an edge is moved away from the other; what is even stays. */
    public function testCrispnessBringsOutWhatDiffersNearby(): void
    {
        $pixels = [];
        for ($i = 0; $i < 120 * 40; ++$i) {
            $grey = $i % 120 < 60 ? 110 : 140;
            $pixels[] = new Srgb($grey, $grey, $grey);
        }
        $plain = ArtTones::of(self::art($pixels, 120), 120, 40, 30.0, new ToneWork())->lights();
        $crisp = ArtTones::of(self::art($pixels, 120), 120, 40, 30.0, new ToneWork(crisp: 0.5))->lights();
        $row = 120 * 20;
        self::assertLessThan(\ord($plain[$row + 57]) - 2, \ord($crisp[$row + 57]));
        self::assertGreaterThan(\ord($plain[$row + 62]) + 2, \ord($crisp[$row + 62]));
        self::assertEqualsWithDelta(\ord($plain[$row + 8]), \ord($crisp[$row + 8]), 1);
        self::assertEqualsWithDelta(\ord($plain[$row + 112]), \ord($crisp[$row + 112]), 1);
    }

    public function testTonesAreToldFromFlatColoursThoughTheyAreGrainy(): void
    {
        mt_srand(31);
        [$flat, $soft] = [[], []];
        for ($y = 0; $y < 240; ++$y) {
            for ($x = 0; $x < 320; ++$x) {
                $grain = mt_rand(-6, 6);
                $inside = hypot($x - 160, $y - 120) < 70;
                $colour = $inside ? [200, 60, 40] : ($y > 180 ? [30, 40, 90] : [240, 230, 200]);
                $flat[] = new Srgb(...array_map(static fn (int $c): int => max(0, min(255, $c + $grain)), $colour));
                $light = (int) max(0, min(255, 60 + 0.5 * $x + 30 * sin($y / 40) + $grain / 2));
                $soft[] = new Srgb($light, $light, $light);
            }
        }
        self::assertFalse(TonalArt::isOne(self::art($flat, 320)));
        self::assertTrue(TonalArt::isOne(self::art($soft, 320)));
    }

    /** @param list<Srgb> $pixels */
    private static function art(array $pixels, int $width): ArtRaster
    {
        $rgb = implode('', array_map(static fn (Srgb $c): string => \chr($c->red).\chr($c->green).\chr($c->blue), $pixels));

        return new ArtRaster($width, intdiv(\count($pixels), $width), $rgb, false);
    }
}
