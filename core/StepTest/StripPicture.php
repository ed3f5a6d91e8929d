<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/**
 * Reads the strips of a washed screen from its picture against the light: open places are light, stencil is dark. The
 * picture lies as the film does (its marks were found). Each detail is measured as the width, or area, of extra light or
 * dark that it makes, against the open block and the stencil beside it, so that blur and uneven light do not count.
 */
final readonly class StripPicture
{
    /** From this share of its size on a detail counts as there. */
    private const THERE_FROM = 0.42;
    /** Beside the grain of the picture, lens and light mislead a line and a dot by so much of their size (simulated screens). */
    private const MISLED = ['line' => 0.03, 'dot' => 0.07];
    /** So many pictures of the same screen are imagined, and where more than this share of them has another best strip, it is unsure. */
    private const IMAGINED = 60;
    private const UNSURE_FROM = 0.17;
    /** Room on each side of a detail that blur may reach, mm. */
    private const BLUR_MM = 0.3;
    /** How soft the edges of a picture of 300 pixels an inch are, mm (heuristic). */
    private const SOFT_MM = 0.12;
    /** Beside it, the ground is taken as far as this, mm. */
    private const GROUND_MM = [0.75, 1.2];
    /** Of a line this much of its length is read, mm. */
    private const LINE_MM = 3.6;
    /** Open must be lighter than stencil by this share of the whole range (heuristic). */
    private const LEAST_CONTRAST = 0.12;
    /** An open block that lets less than this share of the best strip’s light pass is covered with slime (heuristic). */
    private const SLIME_BELOW = 0.75;

    /**
     * @param string      $lights  a byte a pixel, 0 dark
     * @param float       $perMm   pixels a millimetre
     * @param list<float> $seconds of each strip from the top, longest or shortest first
     *
     * @return ReadStrips what each strip shows, shortest first
     *
     * @throws UnusableTest where it is no picture of strips
     */
    public static function read(string $lights, int $width, int $height, float $perMm, array $seconds): ReadStrips
    {
        $strips = \count($seconds);
        if ($seconds === []) {
            throw UnusableTest::at('strips', 'The seconds of the strips are missing. Give those of each strip from the top.');
        }
        $blocks = [];
        $best = 0.0;
        foreach (array_keys($seconds) as $i) {
            [$x, $y, $side] = TestFilm::BLOCK_MM;
            $top = $i * TestFilm::STRIP_MM + $y;
            $open = self::mean($lights, $width, $height, $perMm, $x + 0.8, $top + 0.8, wide: $side - 1.6, high: $side - 1.6);
            $stencil = self::mean($lights, $width, $height, $perMm, $x + $side + 0.8, $top + 0.8, wide: 2.0, high: $side - 1.6);
            $blocks[] = [$open, $stencil];
            $best = max($best, $open - $stencil);
        }
        if ($best < 255 * self::LEAST_CONTRAST) {
            throw UnusableTest::at('picture', 'Where open and closed places should be, the picture is nearly the same: it shows no strips of Ektype’s test film, or it lies upside down, or there was no light behind the screen. Lay the dry screen on a light table and take it whole, marks and all.');
        }
        $shares = $misses = [];
        foreach (array_keys($seconds) as $i) {
            $grain = self::grain($lights, $width, $perMm, $i);
            $contrast = max(1.0, $blocks[$i][0] - $blocks[$i][1]);
            foreach (TestDetail::cases() as $detail) {
                foreach (array_keys($detail->sizes()) as $size) {
                    [$share, $pixels] = self::there($lights, $width, $height, $perMm, $i, $detail, size: $size, contrast: $contrast);
                    $shares[$i][$detail->value][$size] = $share;
                    $misses[$i][$detail->value][$size] = hypot($grain / $contrast / sqrt($pixels), self::MISLED[$detail->isLine() ? 'line' : 'dot']);
                }
            }
        }
        $slimy = array_map(static fn (array $block): bool => $block[0] - $block[1] < self::SLIME_BELOW * $best, $blocks);
        $seen = self::seen($seconds, $shares, $slimy, self::THERE_FROM);
        $read = StripsRead::of($seen);

        return new ReadStrips($seen, $read, $read->unsure || self::elsewhere($seconds, $shares, $misses, $slimy, $read->bestS) > self::UNSURE_FROM);
    }

    /**
     * How many of all the pictures that this screen could as well have given have another best strip.
     *
     * @param list<float>                                  $seconds
     * @param array<int, array<string, array<int, float>>> $shares
     * @param array<int, array<string, array<int, float>>> $misses  of each share, standard deviations
     * @param list<bool>                                   $slimy
     */
    private static function elsewhere(array $seconds, array $shares, array $misses, array $slimy, ?float $bestS): float
    {
        // The same picture is judged the same each time.
        $chance = new Randomizer(new Xoshiro256StarStar(1));
        $even = static fn (): float => ($chance->getInt(0, 99_999) + 0.5) / 100_000;
        $others = 0;
        for ($k = 0; $k < self::IMAGINED; ++$k) {
            $other = $shares;
            foreach ($misses as $i => $details) {
                foreach ($details as $detail => $sizes) {
                    foreach ($sizes as $size => $sd) {
                        $other[$i][$detail][$size] += $sd * sqrt(-2 * log($even())) * cos(2 * \M_PI * $even());
                    }
                }
            }
            $others += StripsRead::of(self::seen($seconds, $other, $slimy, self::THERE_FROM))->bestS === $bestS ? 0 : 1;
        }

        return $others / self::IMAGINED;
    }

    /** How much pixels of the stencil beside the open block differ from their neighbours, as a standard deviation of 255. */
    private static function grain(string $lights, int $width, float $perMm, int $strip): float
    {
        [$x, $y, $side] = TestFilm::BLOCK_MM;
        $sum = $count = 0;
        for ($row = (int) ceil(($strip * TestFilm::STRIP_MM + $y + 0.8) * $perMm); $row < ($strip * TestFilm::STRIP_MM + $y + $side - 0.8) * $perMm; ++$row) {
            for ($column = (int) ceil(($x + $side + 0.8) * $perMm); $column < ($x + $side + 2.8) * $perMm; ++$column) {
                $sum += (\ord($lights[$row * $width + $column + 1] ?? "\0") - \ord($lights[$row * $width + $column] ?? "\0")) ** 2;
                ++$count;
            }
        }

        return sqrt($sum / 2 / max(1, $count));
    }

    /**
     * @param list<float>                                  $seconds
     * @param array<int, array<string, array<int, float>>> $shares  strip => detail => size => how much of it is there
     * @param list<bool>                                   $slimy
     *
     * @return list<StripSeen> shortest first
     */
    private static function seen(array $seconds, array $shares, array $slimy, float $from): array
    {
        $seen = [];
        foreach ($seconds as $i => $s) {
            $finest = static function (TestDetail $detail) use ($shares, $i, $from): ?float {
                $finest = null;
                foreach (array_reverse($detail->sizes(), true) as $size => $mm) {
                    if ($shares[$i][$detail->value][$size] < $from) {
                        break;
                    }
                    $finest = $mm;
                }

                return $finest;
            };
            $seen[] = new StripSeen($s, $finest(TestDetail::PositiveLine), $finest(TestDetail::ReverseLine), $finest(TestDetail::Dot), $finest(TestDetail::Hole), $slimy[$i]);
        }
        usort($seen, static fn (StripSeen $a, StripSeen $b): int => $a->seconds <=> $b->seconds);

        return $seen;
    }

    /** @return array{float, float} how much of a detail is there, as a share of its size, and by how many pixels of its size that is told */
    private static function there(string $lights, int $width, int $height, float $perMm, int $strip, TestDetail $detail, int $size, float $contrast): array
    {
        $at = TestFilm::at($detail, $size);
        $mm = $detail->sizes()[$size];
        $wide = $mm + 2 * self::BLUR_MM;
        $high = $detail->isLine() ? self::LINE_MM : $wide;
        $y = $strip * TestFilm::STRIP_MM + $at->yMm;
        $here = self::mean($lights, $width, $height, $perMm, $at->xMm - $wide / 2, $y - $high / 2, wide: $wide, high: $high);
        [$near, $far] = self::GROUND_MM;
        $from = max($near, $wide / 2 + 0.1);
        $ground = (self::mean($lights, $width, $height, $perMm, $at->xMm - max($far, $from + 0.3), $y - $high / 2, wide: max($far, $from + 0.3) - $from, high: $high)
            + self::mean($lights, $width, $height, $perMm, $at->xMm + $from, $y - $high / 2, wide: max($far, $from + 0.3) - $from, high: $high)) / 2;
        if ($detail->isLine()) {
            return [($detail->isStencil() ? $ground - $here : $here - $ground) / $contrast * $wide / $mm, ($mm / $wide) ** 2 * $high * min($wide, 2 * max($far - $from, 0.3)) / 2 * $perMm ** 2];
        }

        return self::dot($lights, $width, $height, $perMm, $at->xMm, $y, mm: $mm, ground: $ground, contrast: $detail->isStencil() ? -$contrast : $contrast);
    }

    /**
     * A dot against the dot that would be there, blurred: the share that fits best (least squares), so that grain round it
     * counts little; and by how many pixels it is told.
     *
     * @return array{float, float}
     */
    private static function dot(string $lights, int $width, int $height, float $perMm, float $xMm, float $yMm, float $mm, float $ground, float $contrast): array
    {
        $reach = $mm / 2 + self::BLUR_MM;
        $fit = $own = 0.0;
        for ($row = max(0, (int) floor(($yMm - $reach) * $perMm)); $row < min($height, (int) ceil(($yMm + $reach) * $perMm)); ++$row) {
            for ($column = max(0, (int) floor(($xMm - $reach) * $perMm)); $column < min($width, (int) ceil(($xMm + $reach) * $perMm)); ++$column) {
                $off = hypot(($column + 0.5) / $perMm - $xMm, ($row + 0.5) / $perMm - $yMm);
                // A disc behind a soft edge; a small one is a soft spot of the same area.
                $soft = max(self::SOFT_MM, $mm / 2);
                $shape = min(1.0, ($mm / 2 / $soft) ** 2) / (1 + exp(4 * ($off - $soft) / self::SOFT_MM));
                $fit += $shape * (\ord($lights[$row * $width + $column]) - $ground);
                $own += $shape * $shape;
            }
        }

        return $own > 0 ? [$fit / $own / $contrast, $own] : [0.0, 1.0];
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
