<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

/**
 * Which nodes of a cube a picture’s colours lie between: the others are looked up by nobody.
 *
 * @phpstan-import-type Planes from CubeSteps
 */
final class UsedNodes
{
    /** Pixels that are looked at. */
    private const SAMPLES = 250_000;

    /**
     * @param Planes $channels red, green and blue, a byte a place
     *
     * @return array<int, true> by number, red first, then green, then blue; with a neighbour all round
     */
    public static function of(array $channels, int $side): array
    {
        [$red, $green, $blue] = $channels;
        $all = \strlen($red);
        $looked = min(self::SAMPLES, $all);
        $bins = [];
        $at = 0;
        $step = max(1, (int) ($all * 0.6180339887498949)) | 1;
        for ($i = 0; $i < $looked; ++$i) {
            $at = $looked === $all ? $i : ($at + $step) % $all;
            $bins[(\ord($red[$at]) >> 2) | (\ord($green[$at]) >> 2) << 6 | (\ord($blue[$at]) >> 2) << 12] = true;
        }
        $last = $side - 1;
        $used = [];
        $from = static fn (int $bin): int => max(0, (int) floor($bin * 4 / 255 * $last) - 1);
        $to = static fn (int $bin): int => min($last, (int) ceil(($bin * 4 + 3) / 255 * $last) + 1);
        foreach (array_keys($bins) as $bin) {
            [$r, $g, $b] = [$bin & 63, $bin >> 6 & 63, $bin >> 12];
            for ($z = $from($b), $endZ = $to($b); $z <= $endZ; ++$z) {
                for ($y = $from($g), $endY = $to($g); $y <= $endY; ++$y) {
                    for ($x = $from($r), $endX = $to($r); $x <= $endX; ++$x) {
                        $used[$x + $side * ($y + $side * $z)] = true;
                    }
                }
            }
        }

        return $used;
    }

    /**
     * Tells apart what a table was solved for; empty for one that was solved everywhere.
     *
     * @param array<int, true>|null $used
     */
    public static function key(?array $used): string
    {
        if ($used === null) {
            return '';
        }
        ksort($used);

        return '-'.substr(hash('sha256', implode(' ', array_keys($used))), 0, 16);
    }
}
