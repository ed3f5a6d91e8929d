<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\BlueNoise;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Tone\CubeSteps;
use Ektype\Core\Tone\PixelTables;

/**
 * Squares of inks by a mask of blue noise: each colour is a mixture of corners, and the square’s threshold says which of them
 * it shows. Nothing runs from one square to the next, so noise and edges stay where they are.
 */
final class MaskedSquares
{
    private const SIDE = 17;
    private const BAND = 512;

    /**
     * @param string $clear 0 where the garment is left open, a byte a square
     *
     * @return string which corner each square shows, a byte each
     */
    public static function of(InkGamut $gamut, string $red, string $green, string $blue, string $clear, int $across): string
    {
        $below = self::below($gamut);
        $mask = BlueNoise::ranks();
        $bands = [];
        $length = self::BAND * $across;
        for ($from = 0, $all = \strlen($red); $from < $all; $from += $length) {
            $to = min($all, $from + $length);
            $bands[] = static fn (): string => self::band($below, $mask, $red, $green, $blue, $clear, across: $across, from: $from, to: $to);
        }

        return implode('', SideBySide::all($bands, \count($bands) > 1));
    }

    /**
     * @param array<int, string> $below for each corner in the order of lightness, the share of it and of all before it at each step, a byte each
     * @param list<int>          $mask
     */
    private static function band(array $below, array $mask, string $red, string $green, string $blue, string $clear, int $across, int $from, int $to): string
    {
        $axis = static fn (int $stride): array => array_map(static fn (int $code): int => $stride * (int) round($code * (PixelTables::STEPS - 1) / 255), range(0, 255));
        [$r, $g, $b] = [$axis(1), $axis(PixelTables::STEPS), $axis(PixelTables::STEPS ** 2)];
        $full = BlueNoise::SIDE ** 2;
        $thresholds = array_map(static fn (int $rank): int => (int) (($rank + 0.5) * 255 / $full), $mask);
        $last = array_key_last($below);
        $squares = str_repeat("\0", $to - $from);
        for ($at = $from; $at < $to; ++$at) {
            if ($clear[$at] === "\0") {
                continue;
            }
            $node = $r[\ord($red[$at])] + $g[\ord($green[$at])] + $b[\ord($blue[$at])];
            $threshold = $thresholds[$at % $across % BlueNoise::SIDE + BlueNoise::SIDE * (intdiv($at, $across) % BlueNoise::SIDE)];
            foreach ($below as $corner => $shares) {
                if ($threshold < \ord($shares[$node]) || $corner === $last) {
                    $squares[$at - $from] = \chr($corner);
                    break;
                }
            }
        }

        return $squares;
    }

    /** @return array<int, string> by corner, in the order of lightness */
    private static function below(InkGamut $gamut): array
    {
        $inks = array_values(array_diff(array_keys($gamut->corners), [InkGamut::GARMENT]));
        $shares = array_fill(0, \count($gamut->corners), []);
        $last = self::SIDE - 1;
        for ($i = 0, $all = self::SIDE ** 3; $i < $all; ++$i) {
            $code = static fn (int $n): int => (int) round(255 * $n / $last);
            $mixture = $gamut->nearest(new Srgb($code($i % self::SIDE), $code(intdiv($i, self::SIDE) % self::SIDE), $code(intdiv($i, self::SIDE ** 2))), $inks)[1];
            foreach (array_keys($shares) as $corner) {
                $shares[$corner][] = $mixture[$corner] ?? 0.0;
            }
        }
        // Neighbours in lightness beside each other in the order: a threshold that is a little off shows a like ink.
        $order = array_keys($gamut->corners);
        usort($order, static fn (int $a, int $b): int => array_sum($gamut->corners[$a]) <=> array_sum($gamut->corners[$b]));
        $sum = array_fill(0, self::SIDE ** 3, 0.0);
        $below = [];
        foreach ($order as $corner) {
            foreach ($shares[$corner] as $i => $share) {
                $sum[$i] += $share;
            }
            $below[$corner] = CubeSteps::of(array_map(static fn (float $s): float => min(1.0, $s), array_values($sum)), self::SIDE);
        }

        return $below;
    }
}
