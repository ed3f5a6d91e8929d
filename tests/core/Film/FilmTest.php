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

    /** About two and a half millimetres high, four and a half above the lower edge, from the margin on: at any resolution. */
    /** On a print of 50 mm every letter of a label of a real job is there, down to which side is up: read off the film dot by dot. */
    public function testALongLabelIsWholeOnASmallFilm(): void
    {
        $label = 'Night moth count 2027   plate 3 of 6   Signal red   mesh 120-34   45.0 lpi 22.5° round   on black   3 Dec 2026   this way up, ink side up';
        $sheet = new FilmSheet(1181, 945, 600, 6);
        $film = FilmPlane::of($sheet, BitPlane::blank(1181, 945), $label);
        $read = '';
        // Two dots a letter's dot, in lines of sixteen; each letter is looked for among all that the font has.
        $font = self::font();
        $top = $sheet->heightPx - (int) round(4.5 * 600 / 25.4) - 60;
        foreach ([1, 2, 3] as $dot) {
            $read = '';
            for ($line = 0; $line < 5; ++$line) {
                for ($at = 0; $at < intdiv(1181, 9 * $dot); ++$at) {
                    $glyph = '';
                    for ($y = 0; $y < 15; ++$y) {
                        for ($x = 0; $x < 9; ++$x) {
                            $glyph .= $film->isSet($sheet->marginPx + (9 * $at + $x) * $dot, $top + (16 * $line + $y) * $dot) ? '1' : '0';
                        }
                    }
                    $read .= $font[$glyph] ?? '?';
                }
                $read .= ' ';
            }
            if (str_contains($read, 'Night')) {
                break;
            }
        }
        $plain = static fn (string $text): string => trim((string) preg_replace('/\s+/', ' ', str_replace('°', '?', $text)));
        self::assertTrue(str_starts_with($plain($read), $plain($label)), $read);
    }

    /** @return array<array-key, string> letters by their dots */
    private static function font(): array
    {
        $font = [];
        foreach (range(32, 126) as $code) {
            $canvas = imagecreatetruecolor(9, 15);
            imagestring($canvas, 5, 0, 0, \chr($code), 0xFFFFFF);
            $glyph = '';
            for ($i = 0; $i < 135; ++$i) {
                $glyph .= imagecolorat($canvas, $i % 9, intdiv($i, 9)) === 0 ? '0' : '1';
            }
            $font[$glyph] = \chr($code);
        }

        return $font;
    }

    public function testTheLabelIsReadableAndAtItsPlace(): void
    {
        foreach ([300.0, 600.0, 1200.0] as $dpi) {
            $sheet = new FilmSheet((int) round(100 / 25.4 * $dpi), (int) round(40 / 25.4 * $dpi), $dpi, 2);
            $print = BitPlane::blank($sheet->artWidthPx, $sheet->artHeightPx);
            $with = FilmPlane::of($sheet, $print, 'MHHHM');
            $without = FilmPlane::of($sheet, $print, ' ');
            [$first, $last, $from, $to] = [\PHP_INT_MAX, 0, \PHP_INT_MAX, 0];
            for ($y = 0; $y < $with->height; ++$y) {
                $a = $with->row($y);
                $b = $without->row($y);
                foreach (str_split($a ^ $b) as $i => $byte) {
                    if ($byte !== "\0") {
                        [$first, $last, $from, $to] = [min($first, $y), $y, min($from, 8 * $i), max($to, 8 * $i)];
                    }
                }
            }
            $mm = 25.4 / $dpi;
            [$top, $bottom] = [$first * $mm, ($last + 1) * $mm];
            $edge = $sheet->heightPx * $mm;
            // A capital takes 10 to 12 of the 15 dots of its line.
            self::assertEqualsWithDelta(1.8, $bottom - $top, 0.35, "$dpi dpi");
            self::assertGreaterThan($edge - 4.5 - 2.8, $top);
            self::assertLessThan($edge - 4.4, $bottom);
            self::assertEqualsWithDelta($sheet->marginPx * $mm, $from * $mm, 0.5);
            self::assertEqualsWithDelta(5 * 9 * 2.5 / 15, ($to - $from) * $mm, 0.9);
        }
    }

    public function testFileNamesArePlain(): void
    {
        self::assertSame('02-creme-brulee-no-1.png', FilmPlate::fileName(2, 'Crème brûlée no. 1'));
        self::assertSame('01-plate.png', FilmPlate::fileName(1, '…'));
    }
}
