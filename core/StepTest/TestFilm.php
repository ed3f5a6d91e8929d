<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ToneRaster;

/**
 * A film for step tests: the same detail in every strip, so that each can be read by itself. From left to right: the
 * number of the strip; lines and dots in ten sizes, as openings and as stencil; tones of 2 to 98 % at three rulings; lines
 * that run together; figures in three sizes. A bar marks each border, where the card goes.
 */
final class TestFilm
{
    public const NAME = 'Step test film';
    /** mm, finest first. */
    public const LINES_MM = [0.05, 0.075, 0.1, 0.15, 0.2, 0.3, 0.4, 0.5, 0.75, 1.0];
    public const DOTS_MM = [0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0];
    public const TONES_PCT = [2, 5, 10, 25, 50, 75, 90, 95, 98];
    public const RULINGS_LPI = [30.0, 45.0, 65.0];
    public const WIDTH_MM = 148.0;
    public const STRIP_MM = 17.0;
    public const PITCH_MM = 3.2;
    /** Where openings begin, and where stencil in black does, from the left. */
    public const OPEN_FROM_MM = 12.0;
    public const STENCIL_FROM_MM = 46.0;
    public const ROW_MM = 5.0;
    /** Middles of the row of lines and of the row of dots, from the strip’s top. */
    public const LINES_AT_MM = 4.2;
    public const DOTS_AT_MM = 11.2;
    /** A block that is open whatever the light, to compare with: left, top, side. */
    public const BLOCK_MM = [4.0, 9.5, 4.0];
    private const TONES_FROM_MM = 82.0;
    private const TONE_MM = 4.8;
    private const STAR = [136.5, 8.5, 6.5];
    private const STAR_RAYS = 36;
    private const BAR_MM = [0.0, 3.0, 0.4];
    private const CORNER_MARKS = 3;
    private const LEAST_DPI = 300.0;
    private const MOST_DPI = 2540.0;

    /**
     * @param float                                         $dpi   of the film printer
     * @param (callable(TestDetail, float, int): bool)|null $keeps whether a detail of such a size is there in a strip (1 is the
     *                                                             topmost); null for the film itself, which has all
     */
    public static function plane(float $dpi, int $strips, ?callable $keeps = null): BitPlane
    {
        self::mustBe($dpi, $strips);
        $px = static fn (float $mm): int => (int) round($mm / 25.4 * $dpi);
        $width = 8 * (int) ceil(self::WIDTH_MM / 25.4 * $dpi / 8);
        $tones = self::tones($dpi);
        $star = self::star($dpi);
        $bytes = '';
        for ($strip = 1; $strip <= $strips; ++$strip) {
            $top = $px(($strip - 1) * self::STRIP_MM);
            $bottom = $px($strip * self::STRIP_MM);
            for ($y = $top; $y < $bottom; ++$y) {
                $mm = ($y + 0.5) * 25.4 / $dpi - ($strip - 1) * self::STRIP_MM;
                $row = str_repeat('0', $width);
                foreach (self::spans($mm, $strip, $keeps) as $span) {
                    $left = $px($span->from);
                    $wide = max(1, $px($span->to) - $left);
                    $row = substr_replace($row, str_repeat($span->black ? '1' : '0', $wide), $left, $wide);
                }
                foreach ([...$tones, $star] as $field) {
                    $line = $field->rows[$y - $top - $px($field->topMm)] ?? null;
                    if ($line !== null) {
                        $row = substr_replace($row, $line, $px($field->leftMm), \strlen($line));
                    }
                }
                $bytes .= str_pad(gmp_export(gmp_init($row, 2)), $width >> 3, "\0", \STR_PAD_LEFT);
            }
        }

        return new BitPlane($width, $px($strips * self::STRIP_MM), $bytes);
    }

    /** With marks at its corners: a picture of the washed screen is found by them. */
    public static function sheet(float $dpi, int $strips): FilmSheet
    {
        self::mustBe($dpi, $strips);

        return new FilmSheet(8 * (int) ceil(self::WIDTH_MM / 25.4 * $dpi / 8), (int) round($strips * self::STRIP_MM / 25.4 * $dpi), $dpi, self::CORNER_MARKS);
    }

    /** Where the middle of a detail lies, mm from the left and from its strip’s top. */
    public static function at(TestDetail $detail, int $size): TestPlace
    {
        return new TestPlace(
            ($detail->isStencil() ? self::STENCIL_FROM_MM : self::OPEN_FROM_MM) + ($size + 0.5) * self::PITCH_MM,
            $detail->isLine() ? self::LINES_AT_MM : self::DOTS_AT_MM,
        );
    }

    /**
     * What lies on a row of a strip, later over earlier.
     *
     * @param (callable(TestDetail, float, int): bool)|null $keeps
     *
     * @return list<DrawnSpan>
     */
    private static function spans(float $y, int $strip, ?callable $keeps): array
    {
        $spans = [];
        [$left, $wide, $high] = self::BAR_MM;
        if ($y < $high) {
            $spans[] = new DrawnSpan($left, $left + $wide);
        }
        array_push($spans, ...Figures::spans((string) $strip, 4.0, 1.6, 5.0, $y));
        foreach ([1.0, 1.5, 2.2] as $i => $size) {
            array_push($spans, ...Figures::spans('0123456789', self::OPEN_FROM_MM + [0.0, 14.0, 33.0][$i], 14.5, $size, $y));
        }
        [$x, $top, $side] = self::BLOCK_MM;
        if ($y >= $top && $y < $top + $side) {
            $spans[] = new DrawnSpan($x, $x + $side);
        }
        foreach (TestDetail::cases() as $detail) {
            $off = $y - self::at($detail, 0)->yMm;
            if (abs($off) >= self::ROW_MM / 2) {
                continue;
            }
            if ($detail->isStencil()) {
                $spans[] = new DrawnSpan(self::STENCIL_FROM_MM, self::STENCIL_FROM_MM + \count($detail->sizes()) * self::PITCH_MM);
            }
            foreach ($detail->sizes() as $i => $size) {
                if ($keeps !== null && !$keeps($detail, $size, $strip)) {
                    continue;
                }
                $half = $detail->isLine() ? $size / 2 : sqrt(max(0.0, $size ** 2 / 4 - $off ** 2));
                if ($half > 0) {
                    $middle = self::at($detail, $i)->xMm;
                    $spans[] = new DrawnSpan($middle - $half, $middle + $half, !$detail->isStencil());
                }
            }
        }

        return $spans;
    }

    /** @return list<DrawnField> */
    private static function tones(float $dpi): array
    {
        $side = (int) round(self::TONE_MM / 25.4 * $dpi);
        $wide = \count(self::TONES_PCT) * $side;
        // A tone covers four film pixels each way, as it does on every film.
        $across = 2 * (int) ceil($wide / 8);
        $line = '';
        for ($x = 0; $x < $across; ++$x) {
            $line .= \chr((int) round(2.55 * self::TONES_PCT[min(\count(self::TONES_PCT) - 1, intdiv(4 * $x, $side))]));
        }
        $down = (int) ceil($side / 4);
        $tones = new ToneRaster($across, $down, str_repeat($line, $down));
        $fields = [];
        foreach (self::RULINGS_LPI as $i => $lpi) {
            $plane = Screening::with(Supercell::for($dpi, $lpi, 22.5), Dot::Round, 4 * $across)->film($tones, 4, $side);
            $rows = [];
            for ($y = 0; $y < $plane->height; ++$y) {
                $digits = gmp_strval(gmp_import($plane->row($y)), 2);
                $rows[] = substr(str_pad($digits, 8 * $plane->stride, '0', \STR_PAD_LEFT), 0, min($wide, $plane->width));
            }
            $fields[] = new DrawnField(self::TONES_FROM_MM, 1.0 + $i * 5.2, $rows);
        }

        return $fields;
    }

    /** Lines that run together in the middle. */
    private static function star(float $dpi): DrawnField
    {
        [$x, $y, $radius] = self::STAR;
        $reach = (int) round($radius / 25.4 * $dpi);
        $rows = [];
        for ($down = -$reach; $down < $reach; ++$down) {
            $row = '';
            for ($right = -$reach; $right < $reach; ++$right) {
                $row .= hypot($right, $down) <= $reach && (int) floor((atan2($down, $right) / 2 / \M_PI + 1) * 2 * self::STAR_RAYS) % 2 === 0 ? '1' : '0';
            }
            $rows[] = $row;
        }

        return new DrawnField($x - $radius, $y - $radius, $rows);
    }

    private static function mustBe(float $dpi, int $strips): void
    {
        if ($dpi < self::LEAST_DPI || $dpi > self::MOST_DPI) {
            throw UnusableTest::at('dpi', \sprintf('At %g dpi the finest line of %g mm cannot be drawn. Give the resolution of the film printer, 600 or 1200.', $dpi, self::LINES_MM[0]));
        }
        if ($strips < StepPlan::FEWEST || $strips > StepPlan::MOST) {
            throw UnusableTest::at('strips', \sprintf('A test film has %d to %d strips.', StepPlan::FEWEST, StepPlan::MOST));
        }
    }
}
