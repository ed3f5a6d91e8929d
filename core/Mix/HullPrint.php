<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Tone\CubeSteps;

/**
 * The nearest that inks beside each other on a garment come to every colour: what they could print, before any plate is made.
 *
 * @phpstan-import-type Planes from CubeSteps
 */
final class HullPrint
{
    /** Nodes a side: coarse, so that it is there while a hand is on an ink. */
    private const SIDE = 9;

    /** @return Planes red, green and blue of the print at each step of the colours */
    public static function prints(InkGamut $gamut): array
    {
        $inks = array_values(array_diff(array_keys($gamut->corners), [InkGamut::GARMENT]));
        $rgb = [[], [], []];
        $last = self::SIDE - 1;
        for ($i = 0, $all = self::SIDE ** 3; $i < $all; ++$i) {
            $code = static fn (int $n): int => (int) round(255 * $n / $last);
            $print = $gamut->colour($gamut->nearest(new Srgb($code($i % self::SIDE), $code(intdiv($i, self::SIDE) % self::SIDE), $code(intdiv($i, self::SIDE ** 2))), $inks)[1]);
            $rgb[0][] = $print->red / 255;
            $rgb[1][] = $print->green / 255;
            $rgb[2][] = $print->blue / 255;
        }

        return [CubeSteps::of($rgb[0], self::SIDE), CubeSteps::of($rgb[1], self::SIDE), CubeSteps::of($rgb[2], self::SIDE)];
    }
}
