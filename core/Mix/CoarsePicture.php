<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Tone\ArtTones;

/** A picture through a coarse cube of colours, while a hand is on it: few colours are looked up, and what lies between nodes is straight. */
final class CoarsePicture
{
    /** Colours of one of so many steps a channel count as one. */
    private const STEP = 8;

    /**
     * @param list<Srgb> $prints what each node of the cube prints, red first, then green, then blue
     * @param Srgb       $own    garment that the plates are made for: what it gives is left to it
     * @param Srgb       $on     garment that it is looked at on
     */
    public static function of(ArtTones $art, array $prints, Srgb $own, Srgb $on): \Imagick
    {
        $side = (int) round(\count($prints) ** (1 / 3));
        $code = static fn (int $n): int => (int) round(255 * $n / ($side - 1));
        $moved = [];
        foreach ($prints as $i => $print) {
            // How far each colour is moved: that is smoother than where it comes to.
            $moved[] = [$print->red - $code($i % $side), $print->green - $code(intdiv($i, $side) % $side), $print->blue - $code(intdiv($i, $side ** 2))];
        }
        $cloth = \chr($on->red).\chr($on->green).\chr($on->blue);
        [$red, $green, $blue] = $art->channels();
        $known = [];
        $rgb = '';
        for ($at = 0, $n = \strlen($red); $at < $n; ++$at) {
            [$r, $g, $b] = [intdiv(\ord($red[$at]), self::STEP), intdiv(\ord($green[$at]), self::STEP), intdiv(\ord($blue[$at]), self::STEP)];
            $rgb .= $known[($r << 10) | ($g << 5) | $b] ??= self::isCloth($own, $r, $g, $b) ? $cloth : self::between($moved, $side, $r, $g, $b);
        }

        return $art->coloured($rgb, $on);
    }

    /** What the garment gives is left to it. */
    private static function isCloth(Srgb $garment, int $r, int $g, int $b): bool
    {
        $off = static fn (int $step, int $code): int => abs($step * self::STEP + intdiv(self::STEP, 2) - $code);

        return max($off($r, $garment->red), $off($g, $garment->green), $off($b, $garment->blue)) <= self::STEP;
    }

    /** @param list<array{int, int, int}> $moved */
    private static function between(array $moved, int $side, int $r, int $g, int $b): string
    {
        $steps = [$r, $g, $b];
        $places = [];
        foreach ($steps as $step) {
            $at = ($step * self::STEP + self::STEP / 2) / 256 * ($side - 1);
            $node = min($side - 2, (int) $at);
            $places[] = [$node, $at - $node];
        }
        $mixed = [0.0, 0.0, 0.0];
        for ($corner = 0; $corner < 8; ++$corner) {
            [$weight, $at, $stride] = [1.0, 0, 1];
            foreach ($places as $axis => [$node, $part]) {
                $upper = $corner >> $axis & 1;
                $weight *= $upper === 1 ? $part : 1 - $part;
                $at += ($node + $upper) * $stride;
                $stride *= $side;
            }
            foreach ([0, 1, 2] as $c) {
                $mixed[$c] += $weight * $moved[$at][$c];
            }
        }
        $code = static fn (int $c): string => \chr((int) max(0, min(255, round($steps[$c] * self::STEP + self::STEP / 2 + $mixed[$c]))));

        return $code(0).$code(1).$code(2);
    }
}
