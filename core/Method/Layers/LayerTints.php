<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\ColourShare;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\PictureColours;

/**
 * Tints for a chain of layers, found by what they make of each other: every colour of the picture takes the layers that come
 * nearest, then every tint takes what its colours ask of it, in turn. What multiplies in light adds in its logarithm, so a tint
 * is a least-squares answer there.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class LayerTints
{
    private const ROUNDS = 30;
    /** Light that a tint lets through at the least: what is darker is no tint (heuristic). */
    private const LEAST = 0.02;
    /** Less chroma than this is a grey, C* (heuristic). */
    private const GREY = 14.0;
    private const RIDGE = 1e-3;
    /** Starts that are tried. */
    private const STARTS = 10;

    /**
     * @param int $many layers
     *
     * @return list<Srgb> in print order: greys first, then colours, each from light to dark
     *
     * @throws ImpossibleMix where so many cannot be
     */
    public static function proposed(PictureColours $picture, Srgb $paper, int $many): array
    {
        if ($many < 1 || $many > LayerChain::MOST) {
            throw ImpossibleMix::at('layers', \sprintf('%d layers cannot be printed over each other to be told apart: from 1 to %d can. Four are usual.', $many, LayerChain::MOST));
        }
        [$best, $least] = [null, \INF];
        foreach (self::starts($picture, $paper, $many) as $tints) {
            for ($round = 0; $round < self::ROUNDS; ++$round) {
                $next = self::settled($picture, new LayerChain($paper, $tints));
                if ($next === $tints) {
                    break;
                }
                $tints = $next;
            }
            $off = self::off($picture, new LayerChain($paper, $tints));
            if ($off < $least) {
                [$best, $least] = [$tints, $off];
            }
        }
        $tints = $best ?? [];
        $isGrey = static fn (Srgb $tint): bool => hypot(Lab::of($tint)->a, Lab::of($tint)->b) < self::GREY;
        usort($tints, static fn (Srgb $a, Srgb $b): int => [$isGrey($b), Lab::of($b)->l] <=> [$isGrey($a), Lab::of($a)->l]);

        return $tints;
    }

    /** How far the layers are from the picture in the mean, ΔE76. */
    public static function off(PictureColours $picture, LayerChain $chain): float
    {
        return array_sum(array_map(static fn (ColourShare $one): float => $one->share * $chain->nearest(Lab::of($one->colour))[1], $picture->colours));
    }

    /**
     * A grey and colours of the picture, each as a tint on this paper.
     *
     * @return list<list<Srgb>>
     */
    private static function starts(PictureColours $picture, Srgb $paper, int $many): array
    {
        $through = static function (Srgb $colour) use ($paper): Srgb {
            $light = array_map(static fn (float $c, float $p): float => max(self::LEAST, min(1.0, $c / max(0.05, $p))), $colour->linear(), $paper->linear());

            return Srgb::fromLinear([$light[0], $light[1], $light[2]]);
        };
        $sorted = array_map(static fn (ColourShare $one): Srgb => $one->colour, $picture->colours);
        usort($sorted, static fn (Srgb $a, Srgb $b): int => Lab::of($b)->l <=> Lab::of($a)->l);
        $usual = array_map(Srgb::fromHex(...), ['#c8c6c2', '#8f8d8a', '#f0d060', '#d87868', '#78b4d0', '#88b078', '#a080b0', '#605e5c']);
        $starts = [\array_slice($usual, 0, $many), \array_slice(array_reverse($usual), 0, $many)];
        for ($start = 0; $start < self::STARTS; ++$start) {
            $tints = [];
            for ($i = 0; $i < $many; ++$i) {
                $part = fmod($start * 0.618 + ($i + 0.5) / $many, 1.0);
                $tints[] = $through($sorted[(int) ($part * \count($sorted))] ?? $paper);
            }
            $starts[] = $tints;
        }

        return $starts;
    }

    /** @return list<Srgb> */
    private static function settled(PictureColours $picture, LayerChain $chain): array
    {
        $many = \count($chain->tints);
        $matrix = array_fill(0, $many, array_fill(0, $many, 0.0));
        $right = array_fill(0, $many, [0.0, 0.0, 0.0]);
        $paper = array_map(static fn (float $c): float => log(max(self::LEAST, $c)), $chain->paper->linear());
        foreach ($picture->colours as $one) {
            [$colour, $share] = [$one->colour, $one->share];
            [$layers] = $chain->nearest(Lab::of($colour));
            $wanted = array_map(static fn (float $c, float $p): float => log(max(self::LEAST / 4, $c)) - $p, $colour->linear(), $paper);
            for ($i = 0; $i < $many; ++$i) {
                if (($layers >> $i & 1) === 0) {
                    continue;
                }
                for ($j = 0; $j < $many; ++$j) {
                    $matrix[$i][$j] += ($layers >> $j & 1) * $share;
                }
                [$red, $green, $blue] = $right[$i];
                $right[$i] = [$red + $share * $wanted[0], $green + $share * $wanted[1], $blue + $share * $wanted[2]];
            }
        }
        foreach ($chain->tints as $i => $tint) {
            // Held a little to what it was: a layer that no colour asks for stays.
            $matrix[$i][$i] += self::RIDGE;
            [$red, $green, $blue] = $right[$i];
            [$r, $g, $b] = array_map(static fn (float $light): float => self::RIDGE * log(max(self::LEAST, $light)), $tint->linear());
            $right[$i] = [$red + $r, $green + $g, $blue + $b];
        }
        $solved = self::solved($matrix, $right);

        return array_map(static function (array $log): Srgb {
            $light = array_map(static fn (float $l): float => max(self::LEAST, min(1.0, exp($l))), $log);

            return Srgb::fromLinear([$light[0], $light[1], $light[2]]);
        }, $solved);
    }

    /**
     * Gauss and Jordan; the matrix is positive definite.
     *
     * @param list<array<int, float>> $matrix
     * @param list<Channels>          $right
     *
     * @return list<Channels>
     */
    private static function solved(array $matrix, array $right): array
    {
        $n = \count($matrix);
        for ($c = 0; $c < $n; ++$c) {
            for ($r = 0; $r < $n; ++$r) {
                if ($r === $c) {
                    continue;
                }
                $by = $matrix[$r][$c] / $matrix[$c][$c];
                for ($k = $c; $k < $n; ++$k) {
                    $matrix[$r][$k] -= $by * $matrix[$c][$k];
                }
                $right[$r] = [$right[$r][0] - $by * $right[$c][0], $right[$r][1] - $by * $right[$c][1], $right[$r][2] - $by * $right[$c][2]];
            }
        }

        return array_map(static fn (array $row, int $i): array => [$row[0] / $matrix[$i][$i], $row[1] / $matrix[$i][$i], $row[2] / $matrix[$i][$i]], $right, array_keys($right));
    }
}
