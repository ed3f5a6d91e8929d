<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Crossings;
use Ektype\Core\Unit\Point;

/**
 * Finds registration marks on a film or a scan: pieces of ink that stand alone, are as wide and high as a mark, and hold
 * about its ink. A mark is the same all round, so its centre is the centre of its ink, however it is turned.
 *
 * @phpstan-type Box array{int, int, int, int}
 */
final class MarkFinder
{
    /** How much a mark may differ in width and height on a film, and how much on a scan, share. */
    public const ON_FILM = 0.04;
    public const ON_SCAN = 0.2;
    /** Bounds of its ink against the plan. */
    private const INK_LEAST = 0.6;
    private const INK_MOST = 1.7;
    private const EVERY_MM = 0.085;
    /** The corners of what holds a mark are bare, so far in and but for such a share of its ink: a slanting line fills two of them. */
    private const CORNER = 0.18;
    private const IN_CORNERS = 0.1;

    /**
     * @param float $dpiX pixels per inch
     *
     * @return list<Point> centres from the plane's top left corner, right and down; from the top, then from the left
     */
    public static function in(BitPlane $plane, float $dpiX, ?float $dpiY = null, float $slack = self::ON_FILM): array
    {
        $dpiY ??= $dpiX;
        $step = max(1, (int) round(self::EVERY_MM / 25.4 * $dpiY));
        $arm = 2 * RegistrationMark::ARM_MM;
        $wide = $arm / 25.4 * $dpiX;
        $high = $arm / 25.4 * $dpiY;
        $found = [];
        foreach (self::pieces($plane, $step, $wide * (1 + $slack)) as [$left, $right, $top, $bottom]) {
            if (abs($right - $left - $wide) > $slack * $wide + 2 || abs($bottom - $top - $high) > $slack * $high + 2 * $step) {
                continue;
            }
            $centre = self::centre($plane, $left, $right, max(0, $top - $step), min($plane->height, $bottom + $step), $dpiX, dpiY: $dpiY);
            if ($centre !== null) {
                $found[] = $centre;
            }
        }
        usort($found, static fn (Point $a, Point $b): int => abs($a->yMm - $b->yMm) > 3 ? $a->yMm <=> $b->yMm : $a->xMm <=> $b->xMm);

        return $found;
    }

    /**
     * Connected pieces of ink that nowhere run wider than a mark, on every step-th row.
     *
     * @return list<Box> left, right, top, bottom in pixels
     */
    private static function pieces(BitPlane $plane, int $step, float $widest): array
    {
        /** @var array<int, Box|null> $boxes null where the piece grew too large */
        $boxes = [];
        /** @var array<int, int> $parent */
        $parent = [];
        $root = static function (int $i) use (&$parent): int {
            while ($parent[$i] !== $i) {
                $parent[$i] = $parent[$parent[$i]];
                $i = $parent[$i];
            }

            return $i;
        };
        /** @var list<int> $before */
        $before = [];
        /** @var list<int> $names */
        $names = [];
        for ($y = 0; $y < $plane->height; $y += $step) {
            $runs = Crossings::ofRow($plane->row($y), $plane->width);
            $here = [];
            $k = 0;
            for ($r = 0, $end = \count($runs); $r < $end; $r += 2) {
                $a = $runs[$r];
                $b = $runs[$r + 1];
                $name = null;
                while ($k < \count($before) && $before[$k + 1] < $a) {
                    $k += 2;
                }
                for ($j = $k; $j < \count($before) && $before[$j] <= $b; $j += 2) {
                    $other = $root($names[$j >> 1]);
                    if ($name === null) {
                        $name = $other;
                    } elseif ($other !== $name) {
                        $parent[$other] = $name;
                        $one = $boxes[$name];
                        $two = $boxes[$other];
                        $boxes[$name] = $one === null || $two === null ? null : [
                            min($one[0], $two[0]),
                            max($one[1], $two[1]),
                            min($one[2], $two[2]),
                            max($one[3], $two[3]),
                        ];
                        unset($boxes[$other]);
                    }
                }
                if ($name === null) {
                    $name = \count($parent);
                    $parent[$name] = $name;
                    $boxes[$name] = [$a, $b, $y, $y + $step];
                }
                $box = $boxes[$name];
                if ($box !== null) {
                    $box = [min($box[0], $a), max($box[1], $b), $box[2], $y + $step];
                    $boxes[$name] = $box[1] - $box[0] > $widest + 4 ? null : $box;
                }
                $here[] = $name;
            }
            $before = $runs;
            $names = $here;
        }

        return array_values(array_filter($boxes, static fn (?array $box): bool => $box !== null));
    }

    /** @return Point|null null where the piece holds other ink than a mark does */
    private static function centre(BitPlane $plane, int $left, int $right, int $top, int $bottom, float $dpiX, float $dpiY): ?Point
    {
        $count = $sumX = $sumY = $inCorners = 0.0;
        [$cornerX, $cornerY] = [self::CORNER * ($right - $left), self::CORNER * ($bottom - $top)];
        for ($y = $top; $y < $bottom; ++$y) {
            $runs = Crossings::ofRow($plane->row($y), $plane->width);
            for ($r = 0, $end = \count($runs); $r < $end; $r += 2) {
                $a = max($left - 2, $runs[$r]);
                $b = min($right + 2, $runs[$r + 1]);
                if ($b > $a) {
                    $count += $b - $a;
                    $sumX += ($b - $a) * ($a + $b) / 2;
                    $sumY += ($b - $a) * ($y + 0.5);
                    if ($y < $top + $cornerY || $y >= $bottom - $cornerY) {
                        $inCorners += max(0, min($b, $left + $cornerX) - $a) + max(0, $b - max($a, $right - $cornerX));
                    }
                }
            }
        }
        $mm2 = $count * 25.4 / $dpiX * 25.4 / $dpiY;
        $hair = RegistrationMark::HAIRLINE_MM;
        $plan = 2 * \M_PI * RegistrationMark::RING_RADIUS_MM * $hair + 4 * RegistrationMark::ARM_MM * $hair - 5 * $hair * $hair;

        return $count === 0.0 || $inCorners > self::IN_CORNERS * $count || $mm2 < self::INK_LEAST * $plan || $mm2 > self::INK_MOST * $plan ? null : new Point(
            $sumX / $count * 25.4 / $dpiX,
            $sumY / $count * 25.4 / $dpiY,
        );
    }
}
