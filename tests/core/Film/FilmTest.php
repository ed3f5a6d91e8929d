<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use PHPUnit\Framework\TestCase;

final class FilmTest extends TestCase
{
    public function testCornersGetMarksFromThreePlatesOn(): void
    {
        self::assertCount(2, (new FilmSheet(700, 800, 600, 2))->marks());
        $marks = (new FilmSheet(700, 800, 600, 3))->marks();
        self::assertCount(6, $marks);
        foreach ($marks as $mark) {
            self::assertTrue(abs($mark->xMm) > 700 / 600 * 12.7 || abs($mark->yMm) > 800 / 600 * 12.7, 'marks lie outside the print');
        }
    }

    /** A mark is found on the drawn film by its centre of mass, where the sheet says that it is. */
    public function testMarksAreDrawnWhereTheSheetPutsThem(): void
    {
        $sheet = new FilmSheet(1181, 945, 600, 4);
        $film = FilmPlane::of($sheet, BitPlane::blank(1181, 945), 'label');
        $perMm = 600 / 25.4;
        foreach ($sheet->marks() as $mark) {
            $at = $sheet->onFilm($mark->xMm, $mark->yMm);
            [$x, $y] = [$at->xMm, $at->yMm];
            $sumX = $sumY = $count = 0;
            for ($j = (int) (($y - 4.5) * $perMm); $j < ($y + 4.5) * $perMm; ++$j) {
                for ($i = (int) (($x - 4.5) * $perMm); $i < ($x + 4.5) * $perMm; ++$i) {
                    if ($film->isSet($i, $j)) {
                        $sumX += $i + 0.5;
                        $sumY += $j + 0.5;
                        ++$count;
                    }
                }
            }
            self::assertGreaterThan(1000, $count, $mark->name);
            self::assertEqualsWithDelta($x, $sumX / $count / $perMm, 0.02, $mark->name);
            self::assertEqualsWithDelta($y, $sumY / $count / $perMm, 0.02, $mark->name);
        }
    }

    public function testThePrintLiesUnchangedInTheMiddleOfTheFilm(): void
    {
        $bytes = '';
        for ($i = 0; $i < 20 * 64; ++$i) {
            $bytes .= \chr(($i * 37 + 11) & 255);
        }
        $print = new BitPlane(160, 64, $bytes);
        $sheet = new FilmSheet(160, 64, 600, 2);
        $film = FilmPlane::of($sheet, $print, '');
        for ($y = 0; $y < 64; ++$y) {
            for ($x = 0; $x < 160; ++$x) {
                self::assertSame($print->isSet($x, $y), $film->isSet($sheet->marginPx + $x, $sheet->feedMarginPx + $y));
            }
        }
    }

    public function testALongLabelStaysOnTheFilm(): void
    {
        $sheet = new FilmSheet(400, 300, 600, 2);
        $film = FilmPlane::of($sheet, BitPlane::blank(400, 300), str_repeat('A long job name ', 40));
        self::assertSame($sheet->widthPx, $film->width);
        for ($y = $sheet->heightPx - 200; $y < $sheet->heightPx; ++$y) {
            self::assertFalse($film->isSet($sheet->widthPx - 20, $y), 'the label keeps off the edge');
        }
    }

    public function testFileNamesArePlain(): void
    {
        self::assertSame('02-creme-brulee-no-1.png', FilmPlate::fileName(2, 'Crème brûlée no. 1'));
        self::assertSame('01-plate.png', FilmPlate::fileName(1, '…'));
    }
}
