<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Span;

/**
 * A positive drawn by hand and scanned: where its black is too weak to stop the lamp, and how its scan lies against the
 * marks that it ought to match.
 *
 * @phpstan-type Piece array{int, int, int}
 */
final class DrawnPositive
{
    /** Black that lets through more than this share of the light between black and white is weak (heuristic). */
    private const WEAK = 0.35;
    /** Half light parts ink from paper. */
    private const INK = 0.6;
    /** Specks smaller than this matter to nobody, mm². */
    private const LEAST_MM2 = 0.07;
    private const CELL_MM = 4.0;
    private const NEAR_MM = 2.0;

    /**
     * Places to touch up: weak spots inside ink, largest first.
     *
     * @param string $grey one byte a pixel, 0 black
     *
     * @return list<WeakPlace> from the scan's top left corner
     */
    public static function weakPlaces(string $grey, int $width, int $height, float $ppi): array
    {
        $ends = self::ends($grey);
        $ink = $ends->at(self::INK);
        $weak = $ends->at(self::WEAK);
        $mm = 25.4 / $ppi;
        // A hole through to the film is small, or it is meant; a thin wash of ink may be larger.
        $reach = max(2, (int) round(0.5 / $mm));
        $wash = max(2, (int) round(1.5 / $mm));
        $classes = '';
        for ($i = 0; $i < 256; ++$i) {
            $classes .= $i <= $weak ? "\0" : ($i <= $ink ? "\1" : "\2");
        }
        $map = strtr($grey, implode('', array_map(\chr(...), range(0, 255))), $classes);
        $cell = (int) ceil(self::CELL_MM / $mm);
        $sums = [];
        for ($y = $reach; $y < $height - $reach; ++$y) {
            $row = $y * $width;
            for ($x = $reach + strcspn($map, "\1\2", $row + $reach, $width - 2 * $reach); $x < $width - $reach; ++$x) {
                if ($map[$row + $x] === "\0") {
                    $x += strspn($map, "\0", $row + $x, $width - $x) - 1;
                    continue;
                }
                if ($map[$row + $x] === "\2" && $map[$row + $x - 1] === "\2") {
                    // Paper goes on: only its edge could be a hole.
                    $run = strspn($map, "\2", $row + $x, $width - $x);
                    if ($run > 2 * $reach) {
                        $x += $run - $reach;
                        continue;
                    }
                }
                // A weak pixel lies in ink where solid ink stands on all four sides nearby.
                $far = $map[$row + $x] === "\1" ? $wash : $reach;
                if (self::solidNear($map, $row + $x, -1, $far) && self::solidNear($map, $row + $x, 1, $far)
                    && self::solidNear($map, $row + $x, -$width, $far) && self::solidNear($map, $row + $x, $width, $far)) {
                    $key = intdiv($y, $cell) << 16 | intdiv($x, $cell);
                    $sum = $sums[$key] ?? [0, 0, 0];
                    $sums[$key] = [$sum[0] + 1, $sum[1] + $x, $sum[2] + $y];
                }
            }
        }
        $places = [];
        foreach (self::joined($sums, self::NEAR_MM / $mm) as [$count, $x, $y]) {
            $mm2 = $count * $mm * $mm;
            if ($mm2 >= self::LEAST_MM2) {
                $places[] = new WeakPlace(round($x / $count * $mm, 1), round($y / $count * $mm, 1), round($mm2, 2));
            }
        }
        usort($places, static fn (WeakPlace $a, WeakPlace $b): int => $b->mm2 <=> $a->mm2);

        return $places;
    }

    /**
     * A weak spot on the border of two cells is one spot.
     *
     * @param array<int, Piece> $sums pixels, and the sums of their x and y
     *
     * @return list<Piece>
     */
    private static function joined(array $sums, float $near): array
    {
        /** @var list<Piece> $joined */
        $joined = [];
        foreach ($sums as $sum) {
            foreach ($joined as $i => $other) {
                if (hypot($sum[1] / $sum[0] - $other[1] / $other[0], $sum[2] / $sum[0] - $other[2] / $other[0]) < $near) {
                    $joined[$i] = [$sum[0] + $other[0], $sum[1] + $other[1], $sum[2] + $other[2]];
                    continue 2;
                }
            }
            $joined[] = $sum;
        }

        return $joined;
    }

    /** @return float the grey, 0–255, that parts ink from paper */
    public static function threshold(string $grey): float
    {
        return self::ends($grey)->at(self::INK);
    }

    /**
     * The turn, scale and shift that lay marks of a scan on the marks of the plan, by least squares: to = a·from + b as
     * complex numbers. Marks are matched by where they lie about their common middle.
     *
     * @param list<Point> $from
     * @param list<Point> $to   as many
     *
     * @return LaidScan|null null where they are too few or do not match
     */
    public static function lay(array $from, array $to): ?LaidScan
    {
        $count = \count($to);
        if ($count < 2 || \count($from) !== $count) {
            return null;
        }
        [$of, $at] = [self::middle($from), self::middle($to)];
        $pairs = [];
        $used = [];
        foreach ($to as $place) {
            $least = \INF;
            $best = null;
            foreach ($from as $i => $mark) {
                $distance = $mark->minus($of)->to($place->minus($at));
                if (!isset($used[$i]) && $distance < $least) {
                    $least = $distance;
                    $best = $i;
                }
            }
            if ($best === null) {
                return null;
            }
            $used[$best] = true;
            $pairs[] = [$from[$best]->xMm - $of->xMm, $from[$best]->yMm - $of->yMm, $place->xMm - $at->xMm, $place->yMm - $at->yMm];
        }
        $size = $re = $im = 0.0;
        foreach ($pairs as [$u, $v, $x, $y]) {
            $size += $u * $u + $v * $v;
            $re += $u * $x + $v * $y;
            $im += $u * $y - $v * $x;
        }
        if ($size < 1) {
            return null;
        }
        [$re, $im] = [$re / $size, $im / $size];
        $floor = 0.0;
        foreach ($pairs as [$u, $v, $x, $y]) {
            $floor = max($floor, hypot($re * $u - $im * $v - $x, $im * $u + $re * $v - $y));
        }

        return new LaidScan(
            $re,
            $im,
            new Point($at->xMm - $re * $of->xMm + $im * $of->yMm, $at->yMm - $im * $of->xMm - $re * $of->yMm),
            $floor,
        );
    }

    /** @param non-empty-list<Point> $points */
    private static function middle(array $points): Point
    {
        $sum = new Point(0.0, 0.0);
        foreach ($points as $point) {
            $sum = $sum->plus($point);
        }

        return new Point($sum->xMm / \count($points), $sum->yMm / \count($points));
    }

    private static function solidNear(string $map, int $at, int $step, int $reach): bool
    {
        for ($i = 1; $i <= $reach; ++$i) {
            if (($map[$at + $i * $step] ?? "\2") === "\0") {
                return true;
            }
        }

        return false;
    }

    /** The greys of solid black and of clear film: the 1st and the 90th of a hundred pixels. */
    private static function ends(string $grey): Span
    {
        $counts = count_chars($grey, 0);
        $total = \strlen($grey);
        $sum = 0;
        $black = $white = 0;
        foreach ($counts as $value => $count) {
            $black = $sum <= 0.01 * $total ? $value : $black;
            $white = $sum <= 0.9 * $total ? $value : $white;
            $sum += $count;
        }

        return new Span((float) $black, (float) $white);
    }
}
