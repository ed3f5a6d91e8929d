<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\StepTest\TestDetail;
use Ektype\Core\StepTest\TestFilm;
use PHPUnit\Framework\TestCase;

final class TestFilmTest extends TestCase
{
    /** Every line of every size in every strip is as wide as it says, to a pixel. */
    public function testLinesAreAsWideAsTheySay(): void
    {
        foreach ([600.0, 1200.0] as $dpi) {
            $film = TestFilm::plane($dpi, 4);
            foreach ([1, 4] as $strip) {
                foreach ([TestDetail::ReverseLine, TestDetail::PositiveLine] as $detail) {
                    foreach (TestFilm::LINES_MM as $i => $mm) {
                        self::assertEqualsWithDelta($mm, self::width($film, $dpi, $strip, $detail, $i), 25.4 / $dpi + 1e-9, "$detail->value of $mm mm, strip $strip, $dpi dpi");
                    }
                }
            }
        }
    }

    public function testDotsHaveTheAreaOfTheirCircle(): void
    {
        $film = TestFilm::plane(1200, 4);
        foreach ([TestDetail::Dot, TestDetail::Hole] as $detail) {
            foreach (TestFilm::DOTS_MM as $i => $mm) {
                if ($mm < 0.2) {
                    continue;
                }
                $at = TestFilm::at($detail, $i);
                $px = static fn (float $v): int => (int) round($v / 25.4 * 1200);
                $count = 0;
                for ($y = $px($at->yMm - 0.8); $y < $px($at->yMm + 0.8); ++$y) {
                    for ($x = $px($at->xMm - 0.8); $x < $px($at->xMm + 0.8); ++$x) {
                        $count += $film->isSet($x, $y) === !$detail->isStencil() ? 1 : 0;
                    }
                }
                self::assertEqualsWithDelta(\M_PI / 4 * $mm ** 2, $count * (25.4 / 1200) ** 2, 0.1 * $mm ** 2, "$detail->value of $mm mm");
            }
        }
    }

    /** A tone covers what it says, at each ruling. */
    public function testTonesCoverWhatTheySay(): void
    {
        $film = TestFilm::plane(1200, 4);
        $px = static fn (float $v): int => (int) round($v / 25.4 * 1200);
        foreach ([0, 1, 2] as $ruling) {
            foreach (TestFilm::TONES_PCT as $i => $pct) {
                $count = $all = 0;
                for ($y = $px(1.2 + 5.2 * $ruling); $y < $px(5.6 + 5.2 * $ruling); ++$y) {
                    for ($x = $px(82.2 + 4.8 * $i); $x < $px(86.6 + 4.8 * $i); ++$x) {
                        $count += $film->isSet($x, $y) ? 1 : 0;
                        ++$all;
                    }
                }
                self::assertEqualsWithDelta($pct, 100 * $count / $all, 3.5, "$pct % at ruling $ruling");
            }
        }
    }

    public function testTooCoarseAPrinterIsRefused(): void
    {
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage('At 150 dpi the finest line of 0.05 mm cannot be drawn');
        TestFilm::plane(150, 7);
    }

    private static function width(BitPlane $film, float $dpi, int $strip, TestDetail $detail, int $size): float
    {
        $at = TestFilm::at($detail, $size);
        $y = (int) round((($strip - 1) * TestFilm::STRIP_MM + $at->yMm) / 25.4 * $dpi);
        $count = 0;
        for ($x = (int) round(($at->xMm - 1.2) / 25.4 * $dpi); $x < (int) round(($at->xMm + 1.2) / 25.4 * $dpi); ++$x) {
            $count += $film->isSet($x, $y) === !$detail->isStencil() ? 1 : 0;
        }

        return $count * 25.4 / $dpi;
    }
}
