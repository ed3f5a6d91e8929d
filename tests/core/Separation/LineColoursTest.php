<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Separation\Palette;
use Ektype\Core\Separation\PaletteColour;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A cartoon's outlines get their ink, a dot on a wide print too, and no edge gets one. */
final class LineColoursTest extends TestCase
{
    private const WIDE = 60.0;
    private const HIGH = 45.0;
    private const INKS = ['#f0e2b0', '#b84a30', '#8fb3a2'];

    /** Discs with an outline of so many millimetres, drawn by formula and smoothed by 5 × 5 samples a pixel. */
    #[DataProvider('someOutlines')]
    public function testThinOutlinesGetTheirInk(float $ppi, float $mm, string $line, string $kind): void
    {
        $art = self::cartoon($ppi, $mm, $line, $kind);
        $palette = PaletteFinder::find($art);
        self::assertLessThan($kind === 'png' ? 4.0 : 9.0, self::nearest($palette, $line), self::hexes($palette));
        self::assertCount(5, $palette->colours, 'paper, three fillings, the outline: '.self::hexes($palette));
    }

    /** @return iterable<string, array{float, float, string, string}> */
    public static function someOutlines(): iterable
    {
        return Measure::some(3, self::outlines());
    }

    /** @return iterable<string, array{float, float, string, string}> */
    public static function outlines(): iterable
    {
        foreach (['png', 'jpeg'] as $kind) {
            yield "black, a quarter of a millimetre at 300 ppi, $kind" => [300, 0.25, '#141210', $kind];
            yield "black, half a millimetre at 150 ppi, $kind" => [150, 0.5, '#141210', $kind];
            yield "black, 0.17 mm at 300 ppi, $kind" => [300, 0.17, '#141210', $kind];
            yield "dark blue, 0.3 mm at 200 ppi, $kind" => [200, 0.3, '#101c50', $kind];
        }
        yield 'a bright line, in a clean picture' => [300, 0.22, '#e01890', 'png'];
    }

    /** Without outlines there are four colours: smoothed edges, corners where three meet, and compression add none. */
    #[DataProvider('kinds')]
    public function testEdgesAreNoColours(string $kind): void
    {
        foreach ([150.0, 300.0] as $ppi) {
            $palette = PaletteFinder::find(self::cartoon($ppi, 0.0, '#141210', $kind));
            self::assertCount(4, $palette->colours, self::hexes($palette));
        }
    }

    /** @return iterable<string, array{string}> */
    public static function kinds(): iterable
    {
        yield 'png' => ['png'];
        yield 'jpeg' => ['jpeg'];
    }

    /** Two shapes smoothed each by itself on white leave a pale seam of one pixel between them: nobody drew that line. */
    public function testASeamBetweenTwoShapesIsNoLine(): void
    {
        [$w, $h] = [300, 200];
        $rgb = '';
        for ($y = 0; $y < $h; ++$y) {
            for ($x = 0; $x < $w; ++$x) {
                $rgb .= match (true) {
                    $x < 20 || $x >= 280 || $y < 20 || $y >= 180 => "\xff\xff\xff",
                    $y < 100 => "\xb8\x4a\x30",
                    // Half of each lies over white, one after the other: a quarter of white shines through.
                    $y === 100 => "\xd0\x9c\x85",
                    default => "\x23\x48\x9c",
                };
            }
        }
        self::assertCount(3, PaletteFinder::find(new ArtRaster($w, $h, $rgb, false))->colours);
    }

    /** The plate of the outlines carries what geometry says, and none of it lies on another plate. */
    public function testTheOutlinesLieOnTheirPlate(): void
    {
        $art = self::cartoon(300, 0.3, '#141210', 'png');
        $result = SpotSeparation::of($art, new SpotRequest(self::WIDE, Srgb::fromHex('#ffffff'), new SpotPlan(colours: new ColourDecisions(overprints: ['#141210' => false])), trapMm: 0.0));
        $black = null;
        foreach ($result->plates as $plate) {
            $black = Ciede2000::between(Lab::of($plate->colour), Lab::of(Srgb::fromHex('#141210'))) < 6 ? $plate : $black;
        }
        self::assertNotNull($black);
        $length = 0.0;
        foreach (self::discs() as [, , $r]) {
            $length += 2 * \M_PI * $r;
        }
        self::assertEqualsWithDelta($length * 0.3 / 100, $black->area->cm2, 0.12 * $length * 0.3 / 100, 'circles of 0.3 mm');
    }

    /** A dot of 1.5 mm on a print of 300 mm: two millionths of its area more or less. */
    public function testASmallSpotOnAWidePrintIsFound(): void
    {
        $ppi = 120;
        [$w, $h] = [(int) (300 / 25.4 * $ppi), (int) (200 / 25.4 * $ppi)];
        $rgb = str_repeat(str_repeat("\x1b\x24\x36", 200).str_repeat("\xf0\xe2\xb0", $w - 200), $h);
        $row = intdiv($h, 2);
        for ($y = -3; $y <= 3; ++$y) {
            for ($x = -3; $x <= 3; ++$x) {
                if (hypot($x, $y) < 3.55) {
                    $at = 3 * (($row + $y) * $w + 700 + $x);
                    $rgb[$at] = "\xc0";
                    $rgb[$at + 1] = "\x20";
                    $rgb[$at + 2] = "\x28";
                }
            }
        }
        self::assertLessThan(2, self::nearest(PaletteFinder::find(new ArtRaster($w, $h, $rgb, false)), '#c02028'));
    }

    /** Pale grey parts beside white paper stay a colour in a compressed picture; the ringing round black edges is none. */
    public function testPaleGreyBesidePaperIsAColourAndBleedingIsNot(): void
    {
        foreach (['#e2e2de', '#dcdce4', '#e8e4d8'] as $pale) {
            $art = self::compressed(Patches::on('#ffffff', 420, 300, [
                ['#1a1a1a', 30, 30, 90, 90],
                [$pale, 200, 60, 60, 42],
                ['#c03028', 300, 180, 80, 80],
            ]));
            $palette = PaletteFinder::find($art);
            self::assertLessThan(4.0, self::nearest($palette, $pale), $pale.' in '.self::hexes($palette));
            self::assertCount(4, $palette->colours, self::hexes($palette));
        }
        $without = self::compressed(Patches::on('#ffffff', 420, 300, [['#1a1a1a', 30, 30, 90, 90], ['#c03028', 300, 180, 80, 80]]));
        self::assertCount(3, PaletteFinder::find($without)->colours, self::hexes(PaletteFinder::find($without)));
    }

    /** A drawing names its colours: two pixels wide or one, every stroke of it has its own. */
    public function testADrawingKeepsEveryColourThatItNames(): void
    {
        $art = Patches::on('#ffffff', 500, 400, [['#b84a30', 50, 50, 200, 150], ['#141210', 20, 300, 440, 1], ['#23489c', 400, 30, 2, 340], ['#8fb3a2', 300, 100, 3, 3]]);
        $drawing = new ArtRaster($art->width, $art->height, $art->rgb, false, unsmoothed: true);
        self::assertEqualsCanonicalizing(
            ['#ffffff', '#b84a30', '#141210', '#23489c', '#8fb3a2'],
            array_map(static fn (PaletteColour $c): string => $c->colour->hex(), PaletteFinder::find($drawing)->colours),
        );
    }

    private static function cartoon(float $ppi, float $lineMm, string $line, string $kind): ArtRaster
    {
        $mm = 25.4 / $ppi;
        [$w, $h] = [(int) round(self::WIDE / $mm), (int) round(self::HIGH / $mm)];
        $known = array_map(Srgb::fromHex(...), ['#ffffff', ...self::INKS, $line]);
        $rgb = '';
        for ($j = 0; $j < $h; ++$j) {
            for ($i = 0; $i < $w; ++$i) {
                $middle = self::at(($i + 0.5) * $mm, ($j + 0.5) * $mm, $lineMm, 1.5 * $mm);
                if ($middle >= 0) {
                    $rgb .= \chr($known[$middle]->red).\chr($known[$middle]->green).\chr($known[$middle]->blue);
                    continue;
                }
                [$r, $g, $b] = [0, 0, 0];
                for ($s = 0; $s < 25; ++$s) {
                    $colour = $known[self::at(($i + ($s % 5 + 0.5) / 5) * $mm, ($j + (intdiv($s, 5) + 0.5) / 5) * $mm, $lineMm, 0.0)];
                    $r += $colour->red;
                    $g += $colour->green;
                    $b += $colour->blue;
                }
                $rgb .= \chr((int) round($r / 25)).\chr((int) round($g / 25)).\chr((int) round($b / 25));
            }
        }
        $art = new ArtRaster($w, $h, $rgb, false);

        return $kind === 'png' ? $art : self::compressed($art);
    }

    /** @return list<array{float, float, float}> middle and radius, mm; none over another */
    private static function discs(): array
    {
        return [[12.0, 12.0, 8.5], [34.0, 11.0, 7.0], [50.0, 15.0, 6.2], [14.0, 33.0, 7.4], [36.0, 31.0, 9.0], [53.0, 35.0, 5.1]];
    }

    /** Which colour lies at a place; -1 where an edge lies within so many millimetres. */
    private static function at(float $x, float $y, float $line, float $near): int
    {
        foreach (self::discs() as $k => [$cx, $cy, $r]) {
            $off = hypot($x - $cx, $y - $cy) - $r;
            if ($near > 0 && abs(abs($off) - $line / 2) < $near) {
                return -1;
            }
            if (abs($off) < $line / 2) {
                return 4;
            }
            if ($off < 0) {
                return 1 + $k % 3;
            }
        }

        return 0;
    }

    private static function compressed(ArtRaster $art): ArtRaster
    {
        $picture = new \Imagick();
        $picture->newImage($art->width, $art->height, 'white');
        $picture->setImageDepth(8);
        $picture->setSize($art->width, $art->height);
        $picture->readImageBlob("P6\n{$art->width} {$art->height}\n255\n".$art->rgb);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(75);
        $bytes = $picture->getImageBlob();
        $back = new \Imagick();
        $back->readImageBlob($bytes);
        $back->setImageDepth(8);
        $back->setImageFormat('RGB');

        return new ArtRaster($art->width, $art->height, $back->getImageBlob(), false, true);
    }

    private static function nearest(Palette $palette, string $hex): float
    {
        $wanted = Lab::of(Srgb::fromHex($hex));
        self::assertNotEmpty($palette->colours);

        return min(array_map(static fn (PaletteColour $c): float => Ciede2000::between($c->lab, $wanted), $palette->colours));
    }

    private static function hexes(Palette $palette): string
    {
        return implode(' ', array_map(static fn (PaletteColour $c): string => $c->colour->hex(), $palette->colours));
    }
}
