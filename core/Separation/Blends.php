<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;

/**
 * How much of a picture runs from one colour into another: gradients, blurs, shadows. At a place in a blend the colour is
 * the mean of what lies as far to either side, and half-way there it is half-way between; a smoothed edge is over within a
 * few pixels, and a flat part does not change.
 */
final class Blends
{
    /** Looked so far to either side, pixels: from tight shadows to blends over half a print. */
    private const REACHES = [10, 32, 96, 288];
    /** Change from one side to the other that is a blend, of 255 in any channel: less is flat, more may be an edge (heuristic). */
    private const LEAST = 10;
    private const MOST = 120;
    /** How far off the straight way it may run, of 255, beside a share of the change (heuristic). */
    private const OFF = 3.0;
    private const OFF_SHARE = 0.05;
    /** The same in a compressed picture. */
    private const OFF_LOSSY = 4.0;
    private const OFF_SHARE_LOSSY = 0.15;
    private const ASKED = 60_000;

    /** @return float share of the picture, 0–1 */
    public static function share(ArtRaster $art): float
    {
        $step = max(1, (int) floor(sqrt($art->width * $art->height / self::ASKED)));
        [$asked, $blends] = [0, 0];
        for ($y = intdiv($step, 2); $y < $art->height; $y += $step) {
            for ($x = intdiv($step, 2); $x < $art->width; $x += $step) {
                ++$asked;
                $blends += (int) self::isBlend($art, $x, $y);
            }
        }

        return $asked === 0 ? 0.0 : $blends / $asked;
    }

    private static function isBlend(ArtRaster $art, int $x, int $y): bool
    {
        foreach (self::REACHES as $reach) {
            foreach ([[$reach, 0], [0, $reach]] as [$dx, $dy]) {
                if ($x >= $dx && $y >= $dy && $x + $dx < $art->width && $y + $dy < $art->height && self::runs($art, $x, $y, $dx, $dy)) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether the colour runs evenly from one side of a place to the other. */
    private static function runs(ArtRaster $art, int $x, int $y, int $dx, int $dy): bool
    {
        $one = self::at($art, $x - $dx, $y - $dy);
        $two = self::at($art, $x + $dx, $y + $dy);
        $change = max(abs($two[0] - $one[0]), abs($two[1] - $one[1]), abs($two[2] - $one[2]));
        if ($change < self::LEAST || $change > self::MOST) {
            return false;
        }
        $allowed = $art->lossy ? self::OFF_LOSSY + self::OFF_SHARE_LOSSY * $change : self::OFF + self::OFF_SHARE * $change;
        foreach ([[-$dx, -$dy, -1.0], [-intdiv($dx, 2), -intdiv($dy, 2), -0.5], [-intdiv($dx, 4), -intdiv($dy, 4), -0.25], [0, 0, 0.0], [intdiv($dx, 4), intdiv($dy, 4), 0.25], [intdiv($dx, 2), intdiv($dy, 2), 0.5]] as [$ox, $oy, $place]) {
            $here = self::at($art, $x + $ox, $y + $oy);
            for ($c = 0; $c < 3; ++$c) {
                if (abs($here[$c] - ($one[$c] + ($two[$c] - $one[$c]) * (1 + $place) / 2)) > $allowed) {
                    return false;
                }
            }
        }

        return true;
    }

    /** @return array{int, int, int} */
    private static function at(ArtRaster $art, int $x, int $y): array
    {
        $at = 3 * ($y * $art->width + $x);

        return [\ord($art->rgb[$at]), \ord($art->rgb[$at + 1]), \ord($art->rgb[$at + 2])];
    }
}
