<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\DamagedPlane;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RasterTest extends TestCase
{
    public function testAPlaneIsAPngThatOtherProgramsRead(): void
    {
        $plane = self::noise(101, 37);
        $png = PngFile::ofPlane($plane, 600);
        $picture = imagecreatefromstring($png);
        self::assertNotFalse($picture);
        self::assertSame([101, 37], [imagesx($picture), imagesy($picture)]);
        imagepalettetotruecolor($picture);
        for ($y = 0; $y < 37; ++$y) {
            for ($x = 0; $x < 101; ++$x) {
                self::assertSame($plane->isSet($x, $y) ? 0 : 0xFFFFFF, imagecolorat($picture, $x, $y) & 0xFFFFFF);
            }
        }
        // 600 dpi is 23622 pixels a metre; the chunk names its unit as metres.
        self::assertStringContainsString('pHYs'.pack('NNC', 23622, 23622, 1), $png);
    }

    public function testFineCoverageCountsSquaresOfTwo(): void
    {
        $plane = self::noise(101, 37);
        $map = CoverageMap::fine($plane);
        self::assertSame([52, 19], [$map->width, $map->height]);
        for ($y = 0; $y < 19; ++$y) {
            for ($x = 0; $x < 51; ++$x) {
                $set = 0;
                foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$dx, $dy]) {
                    $set += 2 * $x + $dx < 101 && 2 * $y + $dy < 37 && $plane->isSet(2 * $x + $dx, 2 * $y + $dy) ? 1 : 0;
                }
                self::assertSame(16 * $set, \ord($map->bytes[52 * $y + $x]), "at $x, $y");
            }
        }
    }

    public function testRowsOfAFilteredPngAreUndone(): void
    {
        $random = new Randomizer(new Mt19937(5));
        $picture = imagecreatetruecolor(90, 40);
        imagefilledrectangle($picture, 10, 5, 60, 30, 0x3366AA);
        for ($i = 0; $i < 500; ++$i) {
            imagesetpixel($picture, $random->getInt(0, 89), $random->getInt(0, 39), $random->getInt(0, 0xFFFFFF));
        }
        for ($y = 0; $y < 40; ++$y) {
            for ($x = 62; $x < 90; ++$x) {
                imagesetpixel($picture, $x, $y, ($x * 3 << 16) | ($y * 5 << 8) | ($x + $y));
            }
        }
        ob_start();
        imagepng($picture, null, 6, \PNG_ALL_FILTERS);
        $rows = PngFile::rgbRows((string) ob_get_clean(), 90);
        for ($y = 0; $y < 40; ++$y) {
            for ($x = 0; $x < 90; ++$x) {
                $at = ($y * 90 + $x) * 3;
                self::assertSame(
                    imagecolorat($picture, $x, $y),
                    (\ord($rows[$at]) << 16) | (\ord($rows[$at + 1]) << 8) | \ord($rows[$at + 2]),
                );
            }
        }
    }

    public function testCoverageCountsFilmPixels(): void
    {
        foreach ([[40, 24, 4, 4], [3208, 16, 8, 1]] as [$w, $h, $square, $scale]) {
            $plane = self::noise($w, $h);
            $map = CoverageMap::of($plane);
            self::assertSame($square, $map->filmPixels);
            for ($y = 0; $y < intdiv($h, $square); ++$y) {
                for ($x = 0; $x < intdiv($w, $square); $x += 7) {
                    $count = 0;
                    for ($j = 0; $j < $square; ++$j) {
                        for ($i = 0; $i < $square; ++$i) {
                            $count += $plane->isSet($x * $square + $i, $y * $square + $j) ? 1 : 0;
                        }
                    }
                    self::assertSame($count * $scale, \ord($map->bytes[$y * $map->width + $x]));
                }
            }
        }
    }

    public function testAKeptPlaneComesBackWhole(): void
    {
        $plane = self::noise(77, 13);
        $again = PlaneFile::read(PlaneFile::of($plane));
        self::assertSame([77, 13, $plane->bytes], [$again->width, $again->height, $again->bytes]);

        $this->expectException(DamagedPlane::class);
        PlaneFile::read(substr(PlaneFile::of($plane), 0, -20));
    }

    private static function noise(int $w, int $h): BitPlane
    {
        $random = new Randomizer(new Mt19937(3));
        $grid = [];
        for ($y = 0; $y < $h; ++$y) {
            $row = '';
            for ($x = 0; $x < $w; ++$x) {
                $row .= $random->getInt(0, 1);
            }
            $grid[] = $row;
        }

        return SpreadTest::plane($grid);
    }
}
