<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/**
 * The ground of an opaque picture: the paper it was drawn on. It is what connects to the border; a like colour
 * enclosed by the drawing is part of the drawing.
 */
final class Ground
{
    /** At least this share of the border is of one colour (heuristic). */
    public const BORDER_SHARE = 0.95;
    /** Only a paper white counts as ground, L* (heuristic): a dark full panel is meant to print. */
    public const PAPER_LIGHTNESS = 92.0;

    /** The palette colour of the ground, or null where the picture has none. */
    public static function colour(string $owners, int $width, int $height, Palette $palette): ?int
    {
        $border = substr($owners, 0, $width).substr($owners, -$width);
        for ($y = 1; $y < $height - 1; ++$y) {
            $border .= $owners[$y * $width].$owners[($y + 1) * $width - 1];
        }
        $counts = count_chars($border, 1);
        arsort($counts);
        $colour = array_key_first($counts);
        if ($colour === null || $colour === 255 || $counts[$colour] < self::BORDER_SHARE * \strlen($border)) {
            return null;
        }

        return $palette->colours[$colour]->lab->l >= self::PAPER_LIGHTNESS ? $colour : null;
    }

    /** Gives every pixel of the colour that connects to the border the new owner. Works run by run. */
    public static function cutOut(string $owners, int $width, int $height, int $colour, int $newOwner): string
    {
        $old = \chr($colour);
        $new = \chr($newOwner);
        $open = [];
        for ($x = 0; $x < $width; ++$x) {
            $open[] = [$x, 0];
            $open[] = [$x, $height - 1];
        }
        for ($y = 0; $y < $height; ++$y) {
            $open[] = [0, $y];
            $open[] = [$width - 1, $y];
        }
        while ($open !== []) {
            [$x, $y] = array_pop($open);
            $row = $y * $width;
            if ($owners[$row + $x] !== $old) {
                continue;
            }
            $left = $x;
            while ($left > 0 && $owners[$row + $left - 1] === $old) {
                --$left;
            }
            $right = $x + strspn($owners, $old, $row + $x, $width - $x) - 1;
            for ($i = $left; $i <= $right; ++$i) {
                $owners[$row + $i] = $new;
            }
            foreach ([$y - 1, $y + 1] as $next) {
                if ($next < 0 || $next >= $height) {
                    continue;
                }
                $start = $next * $width;
                $i = $left;
                while ($i <= $right) {
                    $i += strcspn($owners, $old, $start + $i, $right - $i + 1);
                    if ($i > $right) {
                        break;
                    }
                    $open[] = [$i, $next];
                    $i += strspn($owners, $old, $start + $i, $right - $i + 1);
                }
            }
        }

        return $owners;
    }
}
