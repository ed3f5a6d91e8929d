<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Method\Spot\WitnessSpots;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\ColourField;
use Ektype\Core\Separation\ColourFieldReader;
use Ektype\Core\Separation\Palette;
use Ektype\Core\Separation\PaletteColour;
use Ektype\Core\Separation\PlateRaster;
use Ektype\Core\Separation\WitnessSpot;
use PHPUnit\Framework\TestCase;

/** What lies between a picture and its plates: who owns a pixel, how mixed edges are drawn at film resolution, where to look. */
final class FieldAndRasterTest extends TestCase
{
    private const NAVY = [27, 36, 54];
    private const STRAW = [240, 226, 176];

    /**
     * Straw left, navy right, and one column that is a known mixture of both. Shares are told so that half way between two
     * pixels’ shares the edge lies where the mixture puts it: with s of straw in the seventh pixel the edge is 0.5 + s
     * beyond the middle of the sixth.
     */
    public function testAMixedPixelIsReadAsTheShareThatItIs(): void
    {
        foreach ([0.25, 0.5, 0.8] as $share) {
            [$art, $palette] = [self::edge($share), self::palette()];
            $owners = ColourFieldReader::clearOwners($art, $palette);
            self::assertSame("\1\1\1\1\1\1", substr($owners, 0, 6), 'clear straw');
            self::assertSame("\0\0\0\0\0", substr($owners, 7, 5), 'clear navy');
            self::assertSame("\xff", $owners[6], 'a mixture of both');
            $field = ColourFieldReader::read($art, $palette, $owners);
            $of = \ord($field->share[6]) / 255;
            $straw = $share <= 0.5 ? 1 - 0.5 / (0.5 + $share) : 0.5 / (1.5 - $share);
            self::assertSame(["\0", "\1"], [$field->first[6], $field->second[6]]);
            self::assertEqualsWithDelta($straw, $of, 0.005);
        }
    }

    /** The edge lies where the shares say, to a film pixel: 6 pixels of straw and the share of the seventh. */
    public function testTheEdgeIsDrawnWhereTheSharePutsIt(): void
    {
        foreach ([0.25, 0.5, 0.8] as $share) {
            [$art, $palette] = [self::edge($share), self::palette()];
            $field = ColourFieldReader::read($art, $palette, ColourFieldReader::clearOwners($art, $palette));
            $planes = PlateRaster::draw($field, 240, 80, [0, 1]);
            self::assertCount(2, $planes);
            $straw = self::printedIn($planes[1], 40);
            self::assertEqualsWithDelta(20 * (6 + $share), $straw, 1.0);
            for ($x = 0; $x < 240; ++$x) {
                self::assertTrue($planes[0]->isSet($x, 40) xor $planes[1]->isSet($x, 40), 'every film pixel is of exactly one colour');
            }
        }
        $wide = array_map(static fn (float $share): int => self::drawnStraw($share), [0.2, 0.5, 0.8]);
        self::assertLessThan($wide[1], $wide[0]);
        self::assertLessThan($wide[2], $wide[1]);
    }

    public function testWhatIsNotAskedForStaysOpen(): void
    {
        $art = self::edge(0.5);
        $field = ColourFieldReader::read($art, self::palette(), ColourFieldReader::clearOwners($art, self::palette()));
        self::assertSame([1], array_keys(PlateRaster::draw($field, 120, 40, [1])));
    }

    /** With fewer inks than colours the two that are most alike print as one; none is lost to the cloth. */
    public function testAPaletteIsBroughtDownToSoManyInks(): void
    {
        $art = KnownArt::drawn(150);
        $colours = [KnownArt::STRAW, KnownArt::RUST, KnownArt::SAGE];
        $apart = [];
        foreach ($colours as $i => $one) {
            foreach (\array_slice($colours, $i + 1) as $other) {
                $apart["$one $other"] = Ciede2000::between(Lab::of(Srgb::fromHex($one)), Lab::of(Srgb::fromHex($other)));
            }
        }
        asort($apart);
        $alike = explode(' ', array_key_first($apart));
        $asks = static fn (?int $inks): array => array_column(
            SpotSeparation::of($art, new SpotRequest(40, Srgb::fromHex(KnownArt::GARMENT), new SpotPlan(inks: $inks), dpi: 150))->palette,
            'printsAs',
            'hex',
        );
        $all = $asks(3);
        foreach ($colours as $hex) {
            self::assertSame($hex, $all[$hex]);
        }
        $two = $asks(2);
        self::assertSame($two[$alike[0]], $two[$alike[1]], implode(' and ', $alike).' are the most alike');
        self::assertCount(2, array_unique(array_map(static fn (string $hex): string => $two[$hex], $colours)));
        self::assertCount(1, array_unique(array_map(static fn (string $hex): string => $asks(1)[$hex], $colours)));
    }

    /** Three plates that meet at one place, two at another far off, and a place near the first that is passed over. */
    public function testWitnessesStandWhereMostPlatesMeetAndFarApart(): void
    {
        $blank = str_repeat("\0", 100 * 80);
        $paint = static function (string $bytes, int $x, int $y, int $size = 4): string {
            for ($j = 0; $j < $size; ++$j) {
                $bytes = substr_replace($bytes, str_repeat("\x40", $size), 100 * ($y + $j) + $x, $size);
            }

            return $bytes;
        };
        $plates = [
            $paint($paint($paint($blank, 12, 12), 84, 60), 24, 12),
            $paint($paint($paint($blank, 12, 12), 84, 60), 24, 12),
            $paint($blank, 12, 12),
        ];
        // 8 film pixels of 600 dpi a cell: 0.3387 mm.
        $mm = 8 * 25.4 / 600;
        $spots = WitnessSpots::of(array_map(static fn (string $b): CoverageMap => new CoverageMap(100, 80, 8, $b), $plates), 600);
        self::assertSame([3, 2], array_map(static fn (WitnessSpot $s): int => $s->plates, $spots));
        self::assertEqualsWithDelta([14 * $mm, 14 * $mm], [$spots[0]->xMm, $spots[0]->yMm], 6.1);
        self::assertEqualsWithDelta([86 * $mm, 62 * $mm], [$spots[1]->xMm, $spots[1]->yMm], 6.1);
        self::assertSame([], WitnessSpots::of([new CoverageMap(100, 80, 8, $plates[0])], 600), 'one plate has no neighbour');
    }

    /** A large film is drawn by several processes; progress goes to a database, which only the first of them may touch. */
    public function testOnlyTheProcessThatAsksTellsHowFarItIs(): void
    {
        $field = new ColourField(40, 40, str_repeat("\0", 1600), str_repeat("\0", 1600), '');
        $told = (string) tempnam(sys_get_temp_dir(), 'told');
        $planes = PlateRaster::draw($field, 2200, 2200, [0], static function (float $share) use ($told): void {
            file_put_contents($told, getmypid()."\n", \FILE_APPEND);
            usleep(20_000);
        });
        self::assertSame(2200 * 2200, $planes[0]->count());
        self::assertSame([(string) getmypid()], array_values(array_unique(explode("\n", trim((string) file_get_contents($told))))));
        unlink($told);
    }

    private static function drawnStraw(float $share): int
    {
        $art = self::edge($share);
        $field = ColourFieldReader::read($art, self::palette(), ColourFieldReader::clearOwners($art, self::palette()));

        return self::printedIn(PlateRaster::draw($field, 240, 80, [0, 1])[1], 40);
    }

    private static function printedIn(BitPlane $plane, int $y): int
    {
        $printed = 0;
        for ($x = 0; $x < $plane->width; ++$x) {
            $printed += $plane->isSet($x, $y) ? 1 : 0;
        }

        return $printed;
    }

    private static function palette(): Palette
    {
        return new Palette([new PaletteColour(new Srgb(...self::NAVY), 0.5), new PaletteColour(new Srgb(...self::STRAW), 0.5)], false);
    }

    private static function edge(float $share): ArtRaster
    {
        $pixel = static fn (float $straw): string => implode(
            '',
            array_map(static fn (int $a, int $b): string => \chr((int) round($straw * $a + (1 - $straw) * $b)), self::STRAW, self::NAVY),
        );
        $row = str_repeat($pixel(1.0), 6).$pixel($share).str_repeat($pixel(0.0), 5);

        return new ArtRaster(12, 4, str_repeat($row, 4), false);
    }
}
