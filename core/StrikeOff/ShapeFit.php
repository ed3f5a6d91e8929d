<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Learn\Matrix;
use Ektype\Core\Unit\Point;

/**
 * Lays a shape on the lights of a window by least squares (Gauss and Newton): ground, strength, place and the spread of the ink. What strays from it
 * by more than three of the usual, such as the other plate’s ink over a ring, is left out and the rest laid again.
 */
final readonly class ShapeFit
{
    private const ROUNDS = 8;
    /** Nearer than this it is laid, mm. */
    private const LAID_MM = 0.0005;
    private const MOST_SPREAD_MM = [-0.1, 0.25];
    private const STRAYS = 3.0;
    /** Grain and blur make neighbours alike, so that each counts less than one (heuristic). */
    private const ALIKE = 3.0;
    private const LEAST_PLACES = 40;

    /**
     * @param float $strength of ink over ground, in the unit of the lights
     * @param float $likeness to the shape, 0 to 1
     * @param float $errorMm  of the place, each way
     */
    private function __construct(public Point $at, public float $strength, public float $likeness, public float $errorMm, private float $spread)
    {
    }

    /**
     * @param list<float>      $lights of the window
     * @param array<int, true> $hidden places that do not count
     */
    public static function of(TargetWindow $window, array $lights, TargetShape $shape, Point $from, array $hidden = []): ?self
    {
        $left = $hidden;
        $fit = null;
        for ($pass = 0; $pass < 2; ++$pass) {
            $fit = self::lay($window, $lights, $shape, $fit->at ?? $from, $fit->spread ?? 0.0, $left);
            if ($fit === null) {
                return null;
            }
            $left = $pass === 0 ? $hidden + self::strays($window, $lights, $shape, $fit, $hidden) : $left;
        }

        return $fit === null ? null : new self($fit->at, $fit->strength, self::likeness($window, $lights, $shape, $fit, $hidden), $fit->errorMm, $fit->spread);
    }

    /**
     * How much of what is there is the shape: what strays from it counts as well, or a blot were a cross.
     *
     * @param list<float>      $lights
     * @param array<int, true> $hidden
     */
    private static function likeness(TargetWindow $window, array $lights, TargetShape $shape, self $fit, array $hidden): float
    {
        $n = $s = $ss = $v = $vv = $sv = 0.0;
        foreach (self::telling($window, $lights, $shape, $fit->at, $hidden) as $i => [$x, $y]) {
            $ink = $shape->ink($x - $fit->at->xMm, $y - $fit->at->yMm, $fit->spread)[0];
            ++$n;
            $s += $ink;
            $ss += $ink * $ink;
            $v += $lights[$i];
            $vv += $lights[$i] ** 2;
            $sv += $ink * $lights[$i];
        }
        $apart = ($n * $ss - $s * $s) * ($n * $vv - $v * $v);

        return $apart <= 0 ? 0.0 : ($n * $sv - $s * $v) ** 2 / $apart;
    }

    /**
     * @param list<float>      $lights
     * @param array<int, true> $hidden
     */
    private static function lay(TargetWindow $window, array $lights, TargetShape $shape, Point $from, float $spread, array $hidden): ?self
    {
        [$x, $y] = [$from->xMm, $from->yMm];
        $places = self::telling($window, $lights, $shape, $from, $hidden);
        if (\count($places) < self::LEAST_PLACES) {
            return null;
        }
        $ground = $strength = 0.0;
        $inverse = [];
        $left = 0.0;
        for ($round = 0; $round <= self::ROUNDS; ++$round) {
            // Ground and strength follow from the place.
            $n = $s = $ss = $v = $sv = 0.0;
            $inks = [];
            foreach ($places as $i => [$px, $py]) {
                $ink = $shape->ink($px - $x, $py - $y, $spread);
                $inks[$i] = $ink;
                ++$n;
                $s += $ink[0];
                $ss += $ink[0] ** 2;
                $v += $lights[$i];
                $sv += $ink[0] * $lights[$i];
            }
            $apart = $n * $ss - $s * $s;
            if ($apart < 1e-6) {
                return null;
            }
            $strength = ($n * $sv - $s * $v) / $apart;
            $ground = ($v - $strength * $s) / $n;
            if ($strength === 0.0) {
                return null;
            }
            $normal = array_fill(0, 5, array_fill(0, 5, 0.0));
            $right = [0.0, 0.0, 0.0, 0.0, 0.0];
            $left = 0.0;
            foreach ($inks as $i => [$ink, $across, $up, $wider]) {
                $off = ($lights[$i] - $ground) / $strength - $ink;
                $row = [1.0, $ink, -$across, -$up, $wider];
                for ($a = 0; $a < 5; ++$a) {
                    for ($b = $a; $b < 5; ++$b) {
                        $normal[$a][$b] += $row[$a] * $row[$b];
                    }
                    $right[$a] += $row[$a] * $off;
                }
                $left += $off * $off;
            }
            for ($a = 1; $a < 5; ++$a) {
                for ($b = 0; $b < $a; ++$b) {
                    $normal[$a][$b] = $normal[$b][$a];
                }
            }
            $inverse = $normal;
            if ($round === self::ROUNDS) {
                break;
            }
            $moved = Matrix::solve($normal, $right);
            if ($moved === null) {
                return null;
            }
            // Never further than a line is wide in one go.
            $far = hypot($moved[2], $moved[3]);
            $share = $far > 0.15 ? 0.15 / $far : 1.0;
            $x += $share * $moved[2];
            $y += $share * $moved[3];
            $spread = max(self::MOST_SPREAD_MM[0], min(self::MOST_SPREAD_MM[1], $spread + $share * $moved[4]));
            if ($far < self::LAID_MM) {
                break;
            }
        }
        $noise = $left / max(1, \count($places) - 5);
        $first = Matrix::solve($inverse, [0.0, 0.0, 1.0, 0.0, 0.0]);
        $second = Matrix::solve($inverse, [0.0, 0.0, 0.0, 1.0, 0.0]);
        if ($first === null || $second === null) {
            return null;
        }

        return new self(
            new Point($x, $y),
            $strength,
            0.0,
            self::ALIKE * sqrt($noise * max($first[2], $second[3], 0.0)),
            $spread,
        );
    }

    /**
     * @param list<float>      $lights
     * @param array<int, true> $hidden
     *
     * @return array<int, array{float, float}>
     */
    private static function telling(TargetWindow $window, array $lights, TargetShape $shape, Point $from, array $hidden): array
    {
        $places = [];
        for ($j = 0; $j < $window->side; ++$j) {
            $y = $window->at($j);
            for ($i = 0; $i < $window->side; ++$i) {
                $at = $j * $window->side + $i;
                $x = $window->at($i);
                if (!isset($hidden[$at]) && $shape->tells($x - $from->xMm, $y - $from->yMm) && !is_nan($lights[$at])) {
                    $places[$at] = [$x, $y];
                }
            }
        }

        return $places;
    }

    /**
     * @param list<float>      $lights
     * @param array<int, true> $hidden
     *
     * @return array<int, true>
     */
    private static function strays(TargetWindow $window, array $lights, TargetShape $shape, self $fit, array $hidden): array
    {
        $at = $fit->at;
        $places = self::telling($window, $lights, $shape, $at, $hidden);
        $n = $s = $ss = $v = $sv = 0.0;
        $inks = [];
        foreach ($places as $i => [$x, $y]) {
            $inks[$i] = $ink = $shape->ink($x - $at->xMm, $y - $at->yMm, $fit->spread)[0];
            ++$n;
            $s += $ink;
            $ss += $ink * $ink;
            $v += $lights[$i];
            $sv += $ink * $lights[$i];
        }
        $strength = ($n * $sv - $s * $v) / max(1e-9, $n * $ss - $s * $s);
        $ground = ($v - $strength * $s) / max(1.0, $n);
        $offs = [];
        foreach ($inks as $i => $ink) {
            $offs[$i] = abs($lights[$i] - $ground - $strength * $ink);
        }
        $sorted = $offs;
        sort($sorted);
        $usual = 1.4826 * ($sorted[intdiv(\count($sorted), 2)] ?? 0.0);
        $strays = [];
        foreach ($offs as $i => $off) {
            if ($off > self::STRAYS * max($usual, 1.0)) {
                $strays[$i] = true;
            }
        }

        return $strays;
    }
}
