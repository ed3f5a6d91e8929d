<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Tone\ArtTones;

/** The nearest that some inks come to a picture, while a hand is on them. */
final class HullPicture
{
    private const SIDE = 7;

    /** @param float|null $marked what prints further off than this is hatched, ΔE00; null marks nothing */
    public static function of(ArtTones $art, InkGamut $gamut, Srgb $garment, ?float $marked = null): \Imagick
    {
        $inks = array_values(array_diff(array_keys($gamut->corners), [InkGamut::GARMENT]));
        $code = static fn (int $n): int => (int) round(255 * $n / (self::SIDE - 1));
        $prints = [];
        for ($i = 0, $all = self::SIDE ** 3; $i < $all; ++$i) {
            $prints[] = $gamut->colour($gamut->nearest(new Srgb($code($i % self::SIDE), $code(intdiv($i, self::SIDE) % self::SIDE), $code(intdiv($i, self::SIDE ** 2))), $inks)[1]);
        }

        return CoarsePicture::of($art, $prints, $garment, $garment, $marked);
    }
}
