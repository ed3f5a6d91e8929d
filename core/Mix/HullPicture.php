<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Tone\ArtTones;

/** The nearest that some inks come to a picture, while a hand is on them: coarse nodes, and few colours between them. */
final class HullPicture
{
    private const SIDE = 8;
    /** Colours of one of so many steps a channel count as one. */
    private const STEP = 8;

    public static function of(ArtTones $art, InkGamut $gamut, Srgb $garment): \Imagick
    {
        $inks = array_values(array_diff(array_keys($gamut->corners), [InkGamut::GARMENT]));
        $nodes = [];
        $last = self::SIDE - 1;
        $code = static fn (int $n): int => (int) round(255 * $n / $last);
        for ($i = 0, $all = self::SIDE ** 3; $i < $all; ++$i) {
            $print = $gamut->colour($gamut->nearest(new Srgb($code($i % self::SIDE), $code(intdiv($i, self::SIDE) % self::SIDE), $code(intdiv($i, self::SIDE ** 2))), $inks)[1]);
            $nodes[] = [$print->red, $print->green, $print->blue];
        }
        [$red, $green, $blue] = $art->channels();
        $known = [];
        $rgb = '';
        for ($at = 0, $n = \strlen($red); $at < $n; ++$at) {
            [$r, $g, $b] = [intdiv(\ord($red[$at]), self::STEP), intdiv(\ord($green[$at]), self::STEP), intdiv(\ord($blue[$at]), self::STEP)];
            $rgb .= $known[($r << 10) | ($g << 5) | $b] ??= self::between($nodes, $r, $g, $b);
        }

        return $art->coloured($rgb, $garment);
    }

    /** @param list<array{int, int, int}> $nodes */
    private static function between(array $nodes, int ...$steps): string
    {
        $places = [];
        foreach ($steps as $step) {
            $at = ($step * self::STEP + self::STEP / 2) / 256 * (self::SIDE - 1);
            $node = min(self::SIDE - 2, (int) $at);
            $places[] = [$node, $at - $node];
        }
        $mixed = [0.0, 0.0, 0.0];
        for ($corner = 0; $corner < 8; ++$corner) {
            [$weight, $at, $stride] = [1.0, 0, 1];
            foreach ($places as $axis => [$node, $part]) {
                $upper = $corner >> $axis & 1;
                $weight *= $upper === 1 ? $part : 1 - $part;
                $at += ($node + $upper) * $stride;
                $stride *= self::SIDE;
            }
            foreach ([0, 1, 2] as $c) {
                $mixed[$c] += $weight * $nodes[$at][$c];
            }
        }

        return \chr((int) round($mixed[0])).\chr((int) round($mixed[1])).\chr((int) round($mixed[2]));
    }
}
