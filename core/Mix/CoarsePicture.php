<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Tone\ArtTones;

/**
 * A picture through a coarse cube of colours, while a hand is on it: few colours are looked up, and what lies between nodes is straight.
 *
 * @phpstan-type Steps array{int, int, int}
 */
final class CoarsePicture
{
    /** Colours of one of so many steps a channel count as one. */
    private const STEP = 8;
    /** Slanting lines every so many pixels, in a colour that no print has. */
    private const HATCH = 7;
    private const MARK = "\xff\x2d\x9a";

    /**
     * @param list<Srgb> $prints what each node of the cube prints, red first, then green, then blue
     * @param Srgb       $own    garment that the plates are made for: what it gives is left to it
     * @param Srgb       $on     garment that it is looked at on
     * @param float|null $marked what prints further off than this is hatched, ΔE00; null marks nothing
     */
    public static function of(ArtTones $art, array $prints, Srgb $own, Srgb $on, ?float $marked = null): \Imagick
    {
        $side = (int) round(\count($prints) ** (1 / 3));
        $code = static fn (int $n): int => (int) round(255 * $n / ($side - 1));
        $moved = [];
        foreach ($prints as $i => $print) {
            // How far each colour is moved: that is smoother than where it comes to.
            $moved[] = [$print->red - $code($i % $side), $print->green - $code(intdiv($i, $side) % $side), $print->blue - $code(intdiv($i, $side ** 2))];
        }
        [$red, $green, $blue] = $art->channels();
        $known = $muddy = [];
        $rgb = '';
        for ($at = 0, $n = \strlen($red); $at < $n; ++$at) {
            [$r, $g, $b] = [intdiv(\ord($red[$at]), self::STEP), intdiv(\ord($green[$at]), self::STEP), intdiv(\ord($blue[$at]), self::STEP)];
            $key = ($r << 10) | ($g << 5) | $b;
            $pixel = $known[$key] ??= self::between($moved, $side, [$r, $g, $b], $own, $on);
            if ($marked !== null && (intdiv($at, $art->width) + $at % $art->width) % self::HATCH < 2 && ($muddy[$key] ??= self::off([$r, $g, $b], $pixel) > $marked)) {
                $pixel = self::MARK;
            }
            $rgb .= $pixel;
        }

        return $art->coloured($rgb, $on);
    }

    /** @param Steps $steps */
    private static function off(array $steps, string $pixel): float
    {
        $code = static fn (int $step): int => $step * self::STEP + intdiv(self::STEP, 2);

        return Ciede2000::between(Lab::of(new Srgb($code($steps[0]), $code($steps[1]), $code($steps[2]))), Lab::of(new Srgb(\ord($pixel[0]), \ord($pixel[1]), \ord($pixel[2]))));
    }

    /**
     * @param list<Steps> $moved
     * @param Steps       $steps
     */
    private static function between(array $moved, int $side, array $steps, Srgb $own, Srgb $on): string
    {
        $wished = array_map(static fn (int $step): float => $step * self::STEP + self::STEP / 2, $steps);
        // What the garment gives is left to it, and what is near to it nearly so.
        $off = max(abs($wished[0] - $own->red), abs($wished[1] - $own->green), abs($wished[2] - $own->blue));
        $prints = max(0.0, min(1.0, ($off - self::STEP / 2) / (3 * self::STEP)));
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
        $code = static fn (int $c, int $cloth): string => \chr((int) max(0, min(255, round((1 - $prints) * $cloth + $prints * ($wished[$c] + $mixed[$c])))));

        return $code(0, $on->red).$code(1, $on->green).$code(2, $on->blue);
    }
}
