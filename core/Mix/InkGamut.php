<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/**
 * What inks beside each other on a garment can show. In the n-th root of linear light (Yule–Nielsen) each mixture of dots lies
 * in the hull of the garment and of every ink as it looks on it, so the nearest print is the nearest point of that hull; how far
 * it is, is measured as the eye does near the wished colour (ΔE00, straightened there).
 *
 * @phpstan-import-type Channels from Srgb
 * @phpstan-import-type Matrix3 from MixStep
 *
 * @phpstan-type Shares array{float, array<int, float>}
 */
final readonly class InkGamut
{
    /** The garment is the corner of that number; inks follow in their order, and after them the base where there is one. */
    public const GARMENT = 0;
    private const STEP = 1e-3;
    /** Straightened once more at the print that was found, so often at the most. */
    private const ROUNDS = 3;

    /** @var list<Channels> in the n-th root of light */
    public array $corners;

    /**
     * @param list<GivenInk> $inks
     * @param GivenInk|null  $base lies under each of them, and shows where none is; null where they lie on the garment
     */
    public function __construct(Srgb $garment, array $inks, ?GivenInk $base = null, private float $n = PrintedLayers::YULE_NIELSEN)
    {
        $cloth = $this->root($garment);
        $under = $base === null ? $cloth : $this->laid($base, $cloth);
        $corners = [$cloth, ...array_map(fn (GivenInk $ink): array => $this->laid($ink, $under), $inks)];
        $this->corners = $base === null ? $corners : [...$corners, $under];
    }

    /**
     * A colour as light mixes in cloth: the n-th root of linear light.
     *
     * @return Channels
     */
    public function root(Srgb $colour): array
    {
        [$r, $g, $b] = $colour->linear();

        return [$r ** (1 / $this->n), $g ** (1 / $this->n), $b ** (1 / $this->n)];
    }

    /**
     * The corners as an eye sees them that compares them with a colour: a unit is about one ΔE00 there.
     *
     * @return list<Channels>
     */
    public function around(Srgb $wished): array
    {
        $root = $this->root($wished);

        return array_values($this->seen($root, $root, array_keys($this->corners)));
    }

    /**
     * The nearest print of a colour.
     *
     * @param list<int> $inks corners that print; the garment always does
     *
     * @return Shares ΔE00, and the share of each corner that takes part
     */
    public function nearest(Srgb $wished, array $inks): array
    {
        $root = $this->root($wished);
        $lab = Lab::of($wished);
        [$at, $best, $least] = [$root, [self::GARMENT => 1.0], \INF];
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $shares = NearestInHull::of($this->seen($root, $at, [self::GARMENT, ...$inks]))[1];
            $print = $this->mixed($shares);
            $off = Ciede2000::between($lab, $this->lab($print));
            if ($off >= $least - 1e-3) {
                break;
            }
            [$best, $least] = [$shares, $off];
            // Half way, so that a far print does not lead further away.
            $at = [($root[0] + $print[0]) / 2, ($root[1] + $print[1]) / 2, ($root[2] + $print[2]) / 2];
        }

        return [$least, $best];
    }

    /** @param array<int, float> $shares of corners, together 1 */
    public function colour(array $shares): Srgb
    {
        return Srgb::fromLinear(array_map(fn (float $c): float => max(0.0, $c) ** $this->n, $this->mixed($shares)));
    }

    /**
     * @param array<int, float> $shares of corners, together 1
     *
     * @return Channels in the n-th root of light
     */
    public function mixed(array $shares): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($shares as $i => $share) {
            foreach ([0, 1, 2] as $c) {
                $sum[$c] += $share * $this->corners[$i][$c];
            }
        }

        return $sum;
    }

    /**
     * @param Channels  $from the wished colour
     * @param Channels  $at   where the eye’s measure is taken
     * @param list<int> $of
     *
     * @return array<int, Channels>
     */
    private function seen(array $from, array $at, array $of): array
    {
        $rows = $this->measure($at);
        $seen = [];
        foreach ($of as $i) {
            [$r, $g, $b] = $this->corners[$i];
            [$r, $g, $b] = [$r - $from[0], $g - $from[1], $b - $from[2]];
            $seen[$i] = [
                $rows[0][0] * $r + $rows[0][1] * $g + $rows[0][2] * $b,
                $rows[1][0] * $r + $rows[1][1] * $g + $rows[1][2] * $b,
                $rows[2][0] * $r + $rows[2][1] * $g + $rows[2][2] * $b,
            ];
        }

        return $seen;
    }

    /**
     * Differences of lightness, chroma and hue, each by the weight that ΔE00 gives it, for a small change of each channel.
     *
     * @param Channels $at
     *
     * @return Matrix3
     */
    private function measure(array $at): array
    {
        $here = $this->lab($at);
        $chroma = hypot($here->a, $here->b);
        [$cos, $sin] = $chroma < 1e-6 ? [1.0, 0.0] : [$here->a / $chroma, $here->b / $chroma];
        $l50 = ($here->l - 50) ** 2;
        $sL = 1 + 0.015 * $l50 / sqrt(20 + $l50);
        $sC = 1 + 0.045 * $chroma;
        $sH = 1 + 0.015 * $chroma;
        $rows = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        foreach ([0, 1, 2] as $c) {
            $moved = $at;
            $moved[$c] += self::STEP;
            $lab = $this->lab([$moved[0], $moved[1], $moved[2]]);
            [$dA, $dB] = [$lab->a - $here->a, $lab->b - $here->b];
            $rows[0][$c] = ($lab->l - $here->l) / $sL / self::STEP;
            $rows[1][$c] = ($cos * $dA + $sin * $dB) / $sC / self::STEP;
            $rows[2][$c] = ($cos * $dB - $sin * $dA) / $sH / self::STEP;
        }

        return $rows;
    }

    /** @param Channels $root */
    private function lab(array $root): Lab
    {
        return Lab::fromLinear(max(0.0, $root[0]) ** $this->n, max(0.0, $root[1]) ** $this->n, max(0.0, $root[2]) ** $this->n);
    }

    /**
     * @param Channels $under
     *
     * @return Channels
     */
    private function laid(GivenInk $ink, array $under): array
    {
        [$r, $g, $b] = $this->root($ink->colour);
        if ($ink->transparent) {
            return [$under[0] * $r, $under[1] * $g, $under[2] * $b];
        }

        return [$under[0] + $ink->hiding * ($r - $under[0]), $under[1] + $ink->hiding * ($g - $under[1]), $under[2] + $ink->hiding * ($b - $under[2])];
    }
}
