<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/**
 * Tells a pale part of a compressed picture from the bleeding of a larger colour beside an edge: a part has depth, the
 * bleeding is a few pixels deep and never still.
 */
final class Depth
{
    /** A pixel is deep where it and those so far off on all four sides are of the colour (heuristic). */
    private const AWAY = 6;
    /** Share of the colour’s pixels that must be deep (heuristic). */
    private const ENOUGH = 0.25;
    /** Deep pixels at the least: so many places are no chance. */
    private const LEAST = 12;
    private const ASKED = 400_000;

    /** Whether a colour, set against the larger one that it might be bleeding of, has depth. */
    public static function has(ArtRaster $art, Srgb $colour, Srgb $larger): bool
    {
        $step = max(1, (int) floor(sqrt($art->width * $art->height / self::ASKED)));
        [$seen, $deep] = [0, 0];
        $away = self::AWAY;
        for ($y = $away; $y < $art->height - $away; $y += $step) {
            for ($x = $away; $x < $art->width - $away; $x += $step) {
                if (!self::isNearer($art, $x, $y, $colour, $larger)) {
                    continue;
                }
                ++$seen;
                if (self::isNearer($art, $x - $away, $y, $colour, $larger) && self::isNearer($art, $x + $away, $y, $colour, $larger)
                    && self::isNearer($art, $x, $y - $away, $colour, $larger) && self::isNearer($art, $x, $y + $away, $colour, $larger)) {
                    ++$deep;
                }
            }
        }

        return $deep >= self::LEAST && $deep >= self::ENOUGH * $seen;
    }

    private static function isNearer(ArtRaster $art, int $x, int $y, Srgb $colour, Srgb $larger): bool
    {
        $at = 3 * ($y * $art->width + $x);
        [$r, $g, $b] = [\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2])];
        $here = ($r - $colour->red) ** 2 + ($g - $colour->green) ** 2 + ($b - $colour->blue) ** 2;
        $there = ($r - $larger->red) ** 2 + ($g - $larger->green) ** 2 + ($b - $larger->blue) ** 2;
        $apart = ($larger->red - $colour->red) ** 2 + ($larger->green - $colour->green) ** 2 + ($larger->blue - $colour->blue) ** 2;

        return $here < $there && $here < max(100, $apart);
    }
}
