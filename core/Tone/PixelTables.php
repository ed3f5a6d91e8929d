<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Srgb;

/** Pixels to tones by looking up: the loops over every place of a picture, and nothing else. */
final class PixelTables
{
    /** Steps of a channel in a table of colours; a power of two. */
    public const STEPS = 64;
    /** Tones under this are told to the nearest step, of 255. */
    private const NEARLY_BARE = 8;
    /** Luminance in so many steps. */
    private const FULL = 16383;

    /**
     * @param string $r     a byte a place
     * @param string $table for each lightness, 0 to 255 for L* 0 to 100, what it becomes
     *
     * @return string a byte a place
     */
    public static function lights(string $r, string $g, string $b, string $table): string
    {
        $red = $green = $blue = [];
        for ($code = 0; $code < 256; ++$code) {
            $light = self::FULL * Srgb::toLinear($code);
            $red[] = (int) round(0.2126729 * $light);
            $green[] = (int) round(0.7151522 * $light);
            $blue[] = (int) round(0.0721750 * $light);
        }
        $lights = '';
        for ($y = 0; $y <= self::FULL + 2; ++$y) {
            $luminance = $y / self::FULL;
            $lightness = $luminance > 216 / 24389 ? 116 * $luminance ** (1 / 3) - 16 : 24389 / 27 * $luminance;
            $lights .= $table[(int) min(255, round(2.55 * $lightness))];
        }
        $out = $r;
        for ($i = 0, $n = \strlen($r); $i < $n; ++$i) {
            $out[$i] = $lights[$red[\ord($r[$i])] + $green[\ord($g[$i])] + $blue[\ord($b[$i])]];
        }

        return $out;
    }

    /**
     * Steps of the table are coarser than those of the picture: neighbours take the lower and the upper one in turn, so that
     * four of them together have what lies between.
     *
     * @param int    $width of a row
     * @param string $first STEPS³ bytes for one ink, red fastest
     *
     * @return string a byte a place of the first ink, then all of the second
     */
    public static function inks(string $r, string $g, string $b, int $width, string $first, string $second): string
    {
        $one = $two = $r;
        $at = 0;
        $nearest = self::axes(0.5);
        $turns = [[self::axes(0.125), self::axes(0.625)], [self::axes(0.875), self::axes(0.375)]];
        $rough = self::nearlyBare($first, $second);
        $bare = '1';
        for ($y = 0, $rows = intdiv(\strlen($r), max(1, $width)); $y < $rows; ++$y) {
            for ($odd = 0; $odd < 2; ++$odd) {
                [$red, $green, $blue] = $turns[$y & 1][$odd];
                for ($x = $at + $odd, $end = $at + $width; $x < $end; $x += 2) {
                    $node = $red[\ord($r[$x])] + $green[\ord($g[$x])] + $blue[\ord($b[$x])];
                    if ($rough[$node] === $bare) {
                        // Bare and the finest dot in turn would cut that dot to pieces: there the nearest step counts.
                        $node = $nearest[0][\ord($r[$x])] + $nearest[1][\ord($g[$x])] + $nearest[2][\ord($b[$x])];
                    }
                    $one[$x] = $first[$node];
                    $two[$x] = $second[$node];
                }
            }
            $at += $width;
        }

        return $one.$two;
    }

    /**
     * The same for any number of inks, through tables whose steps are so fine that none is cut to pieces.
     *
     * @param list<string> $tables bytes for each ink, as many steps a channel as they have
     *
     * @return string a byte a place of the first ink, then all of the second, and so on
     */
    public static function mixed(string $r, string $g, string $b, int $width, array $tables): string
    {
        $steps = (int) round(\strlen($tables[0] ?? '') ** (1 / 3));
        $turns = [[self::axes(0.125, $steps), self::axes(0.625, $steps)], [self::axes(0.875, $steps), self::axes(0.375, $steps)]];
        $many = \count($tables);
        $inks = array_fill(0, $many, '');
        $blank = str_repeat("\0", $width);
        $nodes = array_fill(0, $width, 0);
        for ($y = 0, $at = 0, $rows = intdiv(\strlen($r), max(1, $width)); $y < $rows; ++$y, $at += $width) {
            for ($odd = 0; $odd < 2; ++$odd) {
                [$red, $green, $blue] = $turns[$y & 1][$odd];
                for ($x = $odd; $x < $width; $x += 2) {
                    $nodes[$x] = $red[\ord($r[$at + $x])] + $green[\ord($g[$at + $x])] + $blue[\ord($b[$at + $x])];
                }
            }
            // Three at a time, into rows that stand already: half as long as byte by byte.
            for ($k = 0; $k < $many; $k += 3) {
                [$first, $second, $third] = [$tables[$k], $tables[$k + 1] ?? $tables[$k], $tables[$k + 2] ?? $tables[$k]];
                $one = $two = $three = $blank;
                foreach ($nodes as $x => $node) {
                    $one[$x] = $first[$node];
                    $two[$x] = $second[$node];
                    $three[$x] = $third[$node];
                }
                foreach ([$one, $two, $three] as $i => $row) {
                    if ($k + $i < $many) {
                        $inks[$k + $i] .= $row;
                    }
                }
            }
        }

        return implode('', $inks);
    }

    /** @return string a digit for each node of the table: 1 where either ink is nearly bare */
    private static function nearlyBare(string $first, string $second): string
    {
        $from = implode('', array_map(\chr(...), range(0, 255)));
        $to = str_repeat('1', self::NEARLY_BARE).str_repeat('0', 256 - self::NEARLY_BARE);

        return strtr($first, $from, $to) | strtr($second, $from, $to);
    }

    /** @return array{list<int>, list<int>, list<int>} what each value of red, of green and of blue adds to the number of a node */
    private static function axes(float $up, int $steps = self::STEPS): array
    {
        $axis = static fn (int $stride): array => array_map(static fn (int $code): int => $stride * min($steps - 1, (int) ($code * ($steps - 1) / 255 + $up)), range(0, 255));

        return [$axis(1), $axis($steps), $axis($steps ** 2)];
    }
}
