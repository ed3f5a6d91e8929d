<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Film;

use Ektype\Core\Film\DrawnPositive;
use Ektype\Core\Film\FilmAsRead;
use Ektype\Core\Film\FilmCheck;
use Ektype\Core\Film\FilmNesting;
use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\MarkFinder;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Film\StepWedge;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Refusal;
use Ektype\Tests\Core\Raster\CrossingsTest;
use PHPUnit\Framework\TestCase;

final class LightTableTest extends TestCase
{
    public function testMarksAreFoundWhereThePlanPutsThem(): void
    {
        foreach ([300.0, 600.0, 1200.0] as $dpi) {
            $sheet = new FilmSheet((int) (70 / 25.4 * $dpi), (int) (50 / 25.4 * $dpi), $dpi, 4);
            $print = CrossingsTest::scattered($sheet->artWidthPx, $sheet->artHeightPx, 0.002, 4);
            $found = MarkFinder::in(FilmPlane::of($sheet, $print, 'Night Moth Count plate 2 of 5'), $dpi);
            self::assertCount(6, $found, "at $dpi dpi, and no speck or letter is taken for one");
            foreach ($sheet->marks() as $mark) {
                $at = $sheet->onFilm($mark->xMm, $mark->yMm);
                $nearest = min(array_map(static fn (Point $f): float => $f->to($at), $found));
                self::assertLessThan(0.02, $nearest, $mark->name);
            }
        }
    }

    public function testAFilmThatIsOffIsReportedByAsMuch(): void
    {
        $marks = [new Point(20.0, 12.0), new Point(80.0, 12.0), new Point(50.0, 120.0)];
        $film = static fn (string $file, float $x, float $y, float $stretch, int $count = 3): FilmAsRead => new FilmAsRead(
            $file,
            100.0,
            132.0,
            array_map(static fn (Point $m): Point => new Point($m->xMm + $x, $m->yMm * $stretch + $y), \array_slice($marks, 0, $count)),
        );
        $good = FilmCheck::of([$film('a', 0, 0, 1), $film('b', 0.01, 0, 1), $film('c', 0, -0.02, 1)]);
        self::assertTrue($good->inRegister);
        self::assertLessThan(0.05, $good->worstMm);

        $stretched = FilmCheck::of([$film('a', 0, 0, 1), $film('b', 0, 0, 1.003), $film('c', 0, 0, 1)]);
        self::assertFalse($stretched->inRegister);
        self::assertEqualsWithDelta(0.36, $stretched->worstMm, 0.001, '120 mm times 0.3 %');
        self::assertStringContainsString('b: the mark at 50.0, 120.4 mm is 0.36 mm off', implode(' ', $stretched->says));

        $lacking = $film('d', 0, 0, 1, 2);
        self::assertStringContainsString('d: 1 of 3 marks is missing', implode(' ', FilmCheck::of([$film('a', 0, 0, 1), $lacking])->says));
        $planned = FilmCheck::of([$film('a', 0.3, 0, 1), $film('b', 0.3, 0, 1)], $marks);
        self::assertFalse($planned->inRegister, 'alike among each other, but not where the plan puts them');
        self::assertStringContainsString('no marks were found', implode(' ', FilmCheck::of([new FilmAsRead('e', 1.0, 1.0, [])])->says));
    }

    public function testFilmsAreNestedWithoutOverlapAndInTheLeastLength(): void
    {
        $sheet = new FilmSheet((int) (200 / 25.4 * 300), (int) (330 / 25.4 * 300), 300, 5);
        [$w, $h] = [$sheet->mm($sheet->widthPx), $sheet->mm($sheet->heightPx)];
        foreach ([[610.0, null], [400.0, null], [900.0, 1200.0], [420.0, 594.0]] as [$media, $length]) {
            $printer = new FilmPrinter(mediaWidthMm: $media, sheetLengthMm: $length);
            $laid = FilmNesting::of($printer, $sheet, 5);
            self::assertCount(5, $laid->places);
            $boxes = [];
            foreach ($laid->places as $place) {
                [$wide, $high] = $place->turned ? [$h, $w] : [$w, $h];
                self::assertLessThanOrEqual($media + 0.01, $place->xMm + $wide);
                self::assertLessThanOrEqual(($length ?? \INF) + 0.01, $place->yMm + $high);
                foreach ($boxes as [$page, $x, $y, $bw, $bh]) {
                    self::assertTrue($page !== $place->page || $place->xMm >= $x + $bw - 0.01 || $x >= $place->xMm + $wide - 0.01 || $place->yMm >= $y + $bh - 0.01 || $y >= $place->yMm + $high - 0.01, 'films do not lie over each other');
                }
                $boxes[] = [$place->page, $place->xMm, $place->yMm, $wide, $high];
            }
            if ($length === null) {
                // All upright or all turned are two of the ways; the best is no longer than either.
                $plain = static fn (float $across, float $along): float => $across > $media ? \INF : ceil(
                    5 / floor($media / $across),
                ) * $along;
                self::assertLessThanOrEqual(min($plain($w, $h), $plain($h, $w)) + 0.01, $laid->lengthMm);
            }
        }
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('does not go on the media');
        FilmNesting::of(new FilmPrinter(mediaWidthMm: 220), $sheet, 5);
    }

    public function testMarksKeepOffTheFeedEdges(): void
    {
        foreach ([12.0, 25.0] as $margin) {
            $sheet = new FilmSheet(2000, 2000, 600, 4, $margin);
            foreach ($sheet->marks() as $mark) {
                $y = $sheet->onFilm($mark->xMm, $mark->yMm)->yMm;
                self::assertGreaterThanOrEqual($margin, min($y, $sheet->mm($sheet->heightPx) - $y) - RegistrationMark::ARM_MM);
            }
        }
    }

    public function testTheStepWedgeHasItsWidthsAndStandsClearOfTheMarks(): void
    {
        $sheet = new FilmSheet((int) (150 / 25.4 * 1200), 2400, 1200, 3, 12, true);
        $plane = FilmPlane::of($sheet, BitPlane::blank($sheet->artWidthPx, $sheet->artHeightPx), '');
        self::assertCount(6, MarkFinder::in($plane, 1200));
        $wedge = $sheet->wedge();
        self::assertCount(\count(StepWedge::blacks()), $wedge);
        $perMm = 1200 / 25.4;
        foreach (StepWedge::WIDTHS_MM as $i => $width) {
            [$x, $y] = $wedge[2 * $i];
            $row = (int) (($y + 2.5) * $perMm);
            $inked = 0;
            for ($px = (int) (($x - 0.2) * $perMm); $px < ($x + $width + 0.2) * $perMm; ++$px) {
                $inked += $plane->isSet($px, $row) ? 1 : 0;
            }
            self::assertEqualsWithDelta($width, $inked / $perMm, 25.4 / 1200 + 1e-6);
        }
        self::assertFalse((new FilmSheet(1200, 1200, 600, 3, 12, true))->stepWedge, 'a small print has no room for it');
    }

    public function testDensityIsJudged(): void
    {
        self::assertStringContainsString('burns through', (new FilmPrinter(density: 1.7))->densitySentence());
        self::assertStringContainsString('between 2 and 3', (new FilmPrinter(density: 2.4))->densitySentence());
        self::assertSame('', (new FilmPrinter(density: 3.1))->densitySentence());
        self::assertStringContainsString('is not measured', (new FilmPrinter())->densitySentence());
    }

    public function testAScanIsLaidOnItsMarksHoweverItWasTurned(): void
    {
        $plan = [
            new Point(20.0, 12.0),
            new Point(150.0, 12.0),
            new Point(290.0, 12.0),
            new Point(20.0, 340.0),
            new Point(150.0, 340.0),
            new Point(290.0, 340.0),
        ];
        foreach ([[0.0, 1.0, 0.0, 0.0], [1.2, 0.998, 8.0, -3.0], [-2.5, 1.004, -14.0, 22.0]] as [$turn, $scale, $dx, $dy]) {
            [$re, $im] = [$scale * cos(deg2rad($turn)), $scale * sin(deg2rad($turn))];
            $scan = array_map(
                static fn (Point $p): Point => new Point($re * $p->xMm - $im * $p->yMm + $dx, $im * $p->xMm + $re * $p->yMm + $dy),
                $plan,
            );
            shuffle($scan);
            $laid = DrawnPositive::lay($scan, $plan);
            self::assertNotNull($laid);
            self::assertLessThan(1e-6, $laid->floorMm);
            self::assertEqualsWithDelta(1 / $scale, $laid->scale(), 1e-9);
            self::assertEqualsWithDelta(-$turn, rad2deg(atan2($laid->im, $laid->re)), 1e-6);
        }
        self::assertNull(DrawnPositive::lay([new Point(1.0, 1.0)], $plan));
    }

    public function testWeakBlackIsListedAndSoundBlackAndEdgesAreNot(): void
    {
        // 60 × 60 mm at 200 ppi: a solid square with a soft edge, two weak spots and a pinhole in it.
        $size = (int) (60 / 25.4 * 200);
        $grey = '';
        for ($y = 0; $y < $size; ++$y) {
            for ($x = 0; $x < $size; ++$x) {
                [$mx, $my] = [$x * 25.4 / 200, $y * 25.4 / 200];
                $edge = min($mx - 10, 50 - $mx, $my - 10, 50 - $my);
                $value = $edge < 0 ? 240 : ($edge < 0.2 ? 240 - (int) (220 * $edge / 0.2) : 20);
                $value = hypot($mx - 22, $my - 26) < 0.3 || hypot($mx - 40, $my - 30) < 0.25 ? 120 : $value;
                $value = hypot($mx - 30, $my - 41.7) < 0.2 ? 235 : $value;
                $grey .= \chr($value);
            }
        }
        $weak = DrawnPositive::weakPlaces($grey, $size, $size, 200);
        self::assertCount(3, $weak);
        self::assertEqualsWithDelta([22, 26], [$weak[0]->xMm, $weak[0]->yMm], 0.2);
        self::assertEqualsWithDelta(\M_PI * 0.09, $weak[0]->mm2, 0.08);
    }
}
