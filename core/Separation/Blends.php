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
    private const ASKED = 10_000;

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
        $here = 3 * ($y * $art->width + $x);
        $away = 3 * ($dy * $art->width + $dx);
        [$one, $other] = [$here - $away, $here + $away];
        $rgb = $art->rgb;
        $change = max(
            abs(\ord($rgb[$other]) - \ord($rgb[$one])),
            abs(\ord($rgb[$other + 1]) - \ord($rgb[$one + 1])),
            abs(\ord($rgb[$other + 2]) - \ord($rgb[$one + 2])),
        );
        if ($change < self::LEAST || $change > self::MOST) {
            return false;
        }
        $allowed = $art->lossy ? self::OFF_LOSSY + self::OFF_SHARE_LOSSY * $change : self::OFF + self::OFF_SHARE * $change;
        foreach ([0, -2, 2, -4, 4] as $part) {
            $there = $part === 0 ? $here : $here + 3 * (intdiv($dy, $part) * $art->width + intdiv($dx, $part));
            $share = $part === 0 ? 0.5 : 0.5 + 0.5 / $part;
            for ($c = 0; $c < 3; ++$c) {
                $from = \ord($rgb[$one + $c]);
                if (abs(\ord($rgb[$there + $c]) - $from - (\ord($rgb[$other + $c]) - $from) * $share) > $allowed) {
                    return false;
                }
            }
        }

        return true;
    }
}
