<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/**
 * The flat colours of a picture in tones: of a logo beside a photograph, of type on it. Where a place and what lies round it are
 * one colour, that colour counts; it is flat where many such places have it and hardly any have one a little off. Tones that
 * run on, however smoothly, have as many of the next as of each.
 */
final class FlatColours
{
    private const SAMPLES = 60_000;
    /** Pixels round a place that have to be as it is, and by how much compression may change them, of 255. */
    private const ROUND = 2;
    private const ALIKE = 6;
    /** Codes of a channel within which it is the same colour, and up to which it would be one a little off. */
    private const SAME = 5;
    private const OFF = 16;
    /** Of the places that are a little off or the same, so many are the same (heuristic). */
    private const SPIKE = 0.85;
    /** Less of a picture is a detail of it, 0–1 (heuristic). */
    private const LEAST = 0.002;
    public const MOST = 12;
    /** So many of the most frequent colours are looked at. */
    private const TRIED = 60;

    /** @return list<FlatColour> the largest first */
    public static function of(ArtRaster $art): array
    {
        [$even, $all] = self::counted($art);
        $looked = array_sum($all);
        arsort($even);
        $flat = [];
        foreach (\array_slice($even, 0, self::TRIED, true) as $key => $count) {
            if (\count($flat) === self::MOST || $count < self::LEAST * $looked / 4) {
                break;
            }
            if (self::near($flat, $key)) {
                continue;
            }
            [$same, $off, $sum] = self::round($even, $all, $key);
            if ($same >= self::LEAST * $looked && $same >= self::SPIKE * ($same + $off)) {
                $flat[$key] = new FlatColour(new Srgb(...array_map(static fn (int $c): int => (int) round($c / $same), $sum)), $same / $looked);
            }
        }
        usort($flat, static fn (FlatColour $a, FlatColour $b): int => $b->share <=> $a->share);

        return $flat;
    }

    /** @return array{array<int, int>, array<int, int>} how many even places have each colour, and how many of all places */
    private static function counted(ArtRaster $art): array
    {
        [$wide, $high] = [$art->width, $art->height];
        $even = $all = [];
        $steps = [-3 * self::ROUND, 3 * self::ROUND, -3 * self::ROUND * $wide, 3 * self::ROUND * $wide, 3 * (1 + $wide), -3 * (1 + $wide), 3 * ($wide - 1), 3 * (1 - $wide)];
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            // The plastic number's turns spread evenly in the plane.
            $x = self::ROUND + (int) (($wide - 2 * self::ROUND) * fmod($i * 0.7548776662466927, 1.0));
            $y = self::ROUND + (int) (($high - 2 * self::ROUND) * fmod($i * 0.5698402909980532, 1.0));
            if ($x + self::ROUND >= $wide || $y + self::ROUND >= $high) {
                continue;
            }
            $at = $y * $wide + $x;
            if ($art->alpha !== null && \ord($art->alpha[$at]) < 255) {
                continue;
            }
            $at *= 3;
            [$r, $g, $b] = [\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2])];
            $key = $r << 16 | $g << 8 | $b;
            $all[$key] = ($all[$key] ?? 0) + 1;
            foreach ($steps as $step) {
                $next = $at + $step;
                if (abs(\ord($art->rgb[$next]) - $r) > self::ALIKE || abs(\ord($art->rgb[$next + 1]) - $g) > self::ALIKE || abs(\ord($art->rgb[$next + 2]) - $b) > self::ALIKE) {
                    continue 2;
                }
            }
            $even[$key] = ($even[$key] ?? 0) + 1;
        }

        return [$even, $all];
    }

    /**
     * @param array<int, int> $even
     * @param array<int, int> $all
     *
     * @return array{int, int, array{int, int, int}} how many even places are that colour, how many of all a little off, and the sums of those that are
     */
    private static function round(array $even, array $all, int $key): array
    {
        [$same, $off, $sum] = [0, 0, [0, 0, 0]];
        foreach ($even as $other => $count) {
            if (self::far($key, $other) <= self::SAME) {
                $same += $count;
                $sum = [$sum[0] + $count * ($other >> 16), $sum[1] + $count * ($other >> 8 & 255), $sum[2] + $count * ($other & 255)];
            }
        }
        foreach ($all as $other => $count) {
            $far = self::far($key, $other);
            $off += $far > self::SAME && $far <= self::OFF ? $count : 0;
        }

        return [$same, $off, $sum];
    }

    /** @param array<int, FlatColour> $flat by key */
    private static function near(array $flat, int $key): bool
    {
        foreach (array_keys($flat) as $other) {
            if (self::far($key, $other) <= self::OFF) {
                return true;
            }
        }

        return false;
    }

    private static function far(int $one, int $two): int
    {
        return max(abs(($one >> 16) - ($two >> 16)), abs(($one >> 8 & 255) - ($two >> 8 & 255)), abs(($one & 255) - ($two & 255)));
    }
}
