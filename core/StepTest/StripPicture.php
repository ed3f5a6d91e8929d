<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;

/**
 * Reads the strips of a washed screen from its picture against the light: open places are light, stencil is dark. The
 * picture lies as the film does (its marks were found). Each detail is measured as the width, or area, of extra light or
 * dark that it makes, against the open block and the stencil beside it, so that blur and uneven light do not count.
 */
final readonly class StripPicture
{
    /** From this share of its size on a detail counts as there. */
    private const THERE_FROM = 0.5;
    /** Between these shares it is uncertain. */
    private const UNCERTAIN = [0.35, 0.65];
    /** Room on each side of a detail that blur may reach, mm. */
    private const BLUR_MM = 0.3;
    /** Beside it, the ground is taken as far as this, mm. */
    private const GROUND_MM = [0.75, 1.2];
    /** Of a line this much of its length is read, mm. */
    private const LINE_MM = 3.6;
    /** Open must be lighter than stencil by this share of the whole range (heuristic). */
    private const LEAST_CONTRAST = 0.12;
    /** An open block that lets less than this share of the best strip’s light pass is covered with slime (heuristic). */
    private const SLIME_BELOW = 0.75;
    /** So many uncertain details next to where a strip’s detail ends make a reading unsure. */
    private const SURE_ENOUGH = 3;

    /**
     * @param string      $lights  a byte a pixel, 0 dark
     * @param list<float> $seconds of each strip from the top, longest or shortest first
     *
     * @return ReadStrips what each strip shows, shortest first
     *
     * @throws UnusableTest where it is no picture of strips
     */
    public static function read(string $lights, int $width, int $height, array $seconds): ReadStrips
    {
        $strips = \count($seconds);
        if ($seconds === []) {
            throw UnusableTest::at('strips', 'Nobody said what each strip was given. Give the seconds of each from the top.');
        }
        $perMm = $width / TestFilm::WIDTH_MM;
        $blocks = [];
        $best = 0.0;
        foreach (array_keys($seconds) as $i) {
            [$x, $y, $side] = TestFilm::BLOCK_MM;
            $top = $i * TestFilm::STRIP_MM + $y;
            $open = self::mean($lights, $width, $height, $perMm, $x + 0.8, $top + 0.8, $side - 1.6, $side - 1.6);
            $stencil = self::mean($lights, $width, $height, $perMm, $x + $side + 0.8, $top + 0.8, 2.0, $side - 1.6);
            $blocks[] = [$open, $stencil];
            $best = max($best, $open - $stencil);
        }
        if ($best < 255 * self::LEAST_CONTRAST) {
            throw UnusableTest::at('picture', 'Where open and closed places should be, the picture is nearly the same: it shows no strips of Ektype’s test film, or it lies upside down, or there was no light behind the screen. Lay the dry screen on a light table and take it whole, marks and all.');
        }
        $seen = [];
        $uncertain = [];
        foreach ($seconds as $i => $s) {
            [$open, $stencil] = $blocks[$i];
            $contrast = $open - $stencil;
            $found = [];
            $doubts = 0;
            foreach (TestDetail::cases() as $detail) {
                // Against the full difference: under slime a thin line is not open because it is a little lighter.
                [$found[$detail->value], $of] = self::finest($lights, $width, $height, $perMm, $i, $detail, max(1.0, $contrast));
                $doubts += $of;
            }
            $slime = $contrast < self::SLIME_BELOW * $best;
            $seen[] = new StripSeen(
                $s,
                $found[TestDetail::PositiveLine->value],
                $found[TestDetail::ReverseLine->value],
                $found[TestDetail::Dot->value],
                $found[TestDetail::Hole->value],
                $slime,
            );
            $uncertain[] = $doubts;
        }
        usort($seen, static fn (StripSeen $a, StripSeen $b): int => $a->seconds <=> $b->seconds);
        $read = StripsRead::of($seen);
        $at = $read->bestS === null ? null : array_search($read->bestS, $seconds, true);
        $unsure = $read->unsure || (\is_int($at) && $uncertain[$at] > self::SURE_ENOUGH) || ($read->bestS !== null && $strips < StepPlan::FEWEST);

        return new ReadStrips($seen, $read, $unsure);
    }

    /** @return array{float|null, int} the finest size down to which all are there, and how many sizes are uncertain */
    private static function finest(string $lights, int $width, int $height, float $perMm, int $strip, TestDetail $detail, float $contrast): array
    {
        $finest = null;
        $uncertain = 0;
        $sizes = $detail->sizes();
        for ($i = \count($sizes) - 1; $i >= 0; --$i) {
            $share = self::there($lights, $width, $height, $perMm, $strip, $detail, $i, $contrast);
            $uncertain += $share > self::UNCERTAIN[0] && $share < self::UNCERTAIN[1] ? 1 : 0;
            if ($share < self::THERE_FROM) {
                break;
            }
            $finest = $sizes[$i];
        }

        return [$finest, $uncertain];
    }

    /** How much of a detail is there, as a share of its size. */
    private static function there(string $lights, int $width, int $height, float $perMm, int $strip, TestDetail $detail, int $size, float $contrast): float
    {
        $at = TestFilm::at($detail, $size);
        $mm = $detail->sizes()[$size];
        $wide = $mm + 2 * self::BLUR_MM;
        $high = $detail->isLine() ? self::LINE_MM : $wide;
        $y = $strip * TestFilm::STRIP_MM + $at->yMm;
        $here = self::mean($lights, $width, $height, $perMm, $at->xMm - $wide / 2, $y - $high / 2, $wide, $high);
        [$near, $far] = self::GROUND_MM;
        $from = max($near, $wide / 2 + 0.1);
        $ground = (self::mean($lights, $width, $height, $perMm, $at->xMm - max($far, $from + 0.3), $y - $high / 2, max($far, $from + 0.3) - $from, $high)
            + self::mean($lights, $width, $height, $perMm, $at->xMm + $from, $y - $high / 2, max($far, $from + 0.3) - $from, $high)) / 2;
        $excess = ($detail->isStencil() ? $ground - $here : $here - $ground) / $contrast;

        return $detail->isLine() ? $excess * $wide / $mm : $excess * $wide * $high / (\M_PI / 4 * $mm ** 2);
    }

    /** Mean of a rectangle in mm, its edges counted in part. */
    private static function mean(string $lights, int $width, int $height, float $perMm, float $x, float $y, float $wide, float $high): float
    {
        $left = max(0.0, $x * $perMm);
        $right = min((float) $width, ($x + $wide) * $perMm);
        $top = max(0, (int) round($y * $perMm));
        $bottom = min($height, max($top + 1, (int) round(($y + $high) * $perMm)));
        $first = (int) floor($left);
        $last = min($width - 1, (int) ceil($right) - 1);
        $sum = $weight = 0.0;
        for ($row = $top; $row < $bottom; ++$row) {
            for ($column = $first; $column <= $last; ++$column) {
                $part = min($right, $column + 1) - max($left, $column);
                $sum += $part * \ord($lights[$row * $width + $column]);
                $weight += $part;
            }
        }

        return $weight > 0 ? $sum / $weight : 0.0;
    }
}
