<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/** Flat art of upright rectangles on a ground, whose areas anybody can reckon. */
final class Patches
{
    /**
     * @param list<array{string, int, int, int, int}> $patches colour, left, top, width, height in pixels
     */
    public static function on(string $ground, int $width, int $height, array $patches): ArtRaster
    {
        $rows = array_fill(0, $height, str_repeat(self::pixel($ground), $width));
        foreach ($patches as [$hex, $left, $top, $wide, $high]) {
            for ($y = $top; $y < $top + $high; ++$y) {
                $rows[$y] = substr_replace($rows[$y], str_repeat(self::pixel($hex), $wide), 3 * $left, 3 * $wide);
            }
        }

        return new ArtRaster($width, $height, implode('', $rows), false);
    }

    private static function pixel(string $hex): string
    {
        $colour = Srgb::fromHex($hex);

        return \chr($colour->red).\chr($colour->green).\chr($colour->blue);
    }
}
