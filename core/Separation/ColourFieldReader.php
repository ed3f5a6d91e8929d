<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\Bits;

/**
 * Decides which colour owns each pixel. Clear pixels go to their colour. A pixel on a smoothed edge is a mixture
 * of two colours that stand clear beside it: its place on the line between them tells where the edge runs.
 *
 * @phpstan-type Blended array{int, int, int}
 */
final class ColourFieldReader
{
    /** Distance to a colour, CIELAB, within which a pixel of clean art is clearly that colour (heuristic). */
    private const CLEAR = 1.5;
    /** The same in a noisy picture. */
    private const CLEAR_NOISY = 9.0;
    /** Weight of colour against lightness in a compressed picture (heuristic). */
    private const SMEARED = 0.12;
    /** How far clear colours are looked for beside a mixed pixel. */
    private const REACH = 3;
    private const REACH_NOISY = 5;
    private const MIXED = "\xff";
    private const UNKNOWN = "\xfe";
    /** How far a mixture may lie off the line between two colours and still be one, of 255 (heuristic). */
    private const OFF_LINE = 14.0;

    /** @return string one byte a pixel: the palette colour that clearly owns it, or 0xff where it is a mixture */
    public static function clearOwners(ArtRaster $art, Palette $palette): string
    {
        $owners = self::clearPixels($art, $palette);

        return $art->unsmoothed ? $owners : self::withoutFringes($owners, $art, $palette);
    }

    /** @param string $owners from {@see clearOwners}, perhaps with its ground cut out */
    public static function read(ArtRaster $art, Palette $palette, string $owners): ColourField
    {
        return self::resolved($owners, $art, $palette);
    }

    /** @return string one byte a pixel: its palette colour, or 0xff where it is a mixture */
    private static function clearPixels(ArtRaster $art, Palette $palette): string
    {
        $labs = array_map(static fn (PaletteColour $c): Lab => $c->lab, $palette->colours);
        $limit = ($palette->noisy ? self::CLEAR_NOISY : self::CLEAR) ** 2;
        $table = str_repeat(self::UNKNOWN, $palette->noisy ? 1 << 18 : 0);
        /** @var array<int, int> $exact */
        $exact = [];
        $width = $art->width;
        $stride = $width * 3;
        $previous = gmp_init(0);
        $previousOwners = str_repeat(self::MIXED, $width);
        $first = true;
        $rows = [];
        for ($y = 0; $y < $art->height; ++$y) {
            $row = substr($art->rgb, $y * $stride, $stride);
            $owners = $previousOwners;
            $here = Bits::unordered($row);
            $changed = Bits::inOrder(gmp_xor($here, $previous), $stride);
            $at = $first ? 0 : strspn($changed, "\0");
            while ($at < $stride) {
                $x = intdiv($at, 3);
                // Pixels equal to those above keep their owner; a long equal stretch is skipped in one step.
                for (; $x < $width; ++$x) {
                    $i = $x * 3;
                    $red = \ord($row[$i]);
                    $green = \ord($row[$i + 1]);
                    $blue = \ord($row[$i + 2]);
                    if ($palette->noisy) {
                        $key = (($red >> 2) << 12) | (($green >> 2) << 6) | ($blue >> 2);
                        $owner = $table[$key];
                        if ($owner === self::UNKNOWN) {
                            $owner = \chr(
                                self::clearOwner(new Srgb(($red & 252) | 2, ($green & 252) | 2, ($blue & 252) | 2), $labs, $limit),
                            );
                            $table[$key] = $owner;
                        }
                    } else {
                        $key = ($red << 16) | ($green << 8) | $blue;
                        $exact[$key] ??= self::clearOwner(new Srgb($red, $green, $blue), $labs, $limit);
                        $owner = \chr($exact[$key]);
                    }
                    $owners[$x] = $owner;
                    if (!$first && $i + 5 < $stride && $changed[$i + 3] === "\0" && $changed[$i + 4] === "\0" && $changed[$i + 5] === "\0") {
                        ++$x;
                        break;
                    }
                }
                $at = $x * 3;
                if ($at < $stride && !$first) {
                    $at += strspn($changed, "\0", $at);
                }
            }
            $first = false;
            $previous = $here;
            $previousOwners = $owners;
            $rows[] = $owners;
        }

        return implode('', $rows);
    }

    /** @param list<Lab> $labs */
    private static function clearOwner(Srgb $colour, array $labs, float $limit): int
    {
        $lab = Lab::of($colour);
        $best = \INF;
        $second = \INF;
        $owner = 255;
        foreach ($labs as $i => $other) {
            $distance = ($lab->l - $other->l) ** 2 + ($lab->a - $other->a) ** 2 + ($lab->b - $other->b) ** 2;
            if ($distance < $best) {
                $second = $best;
                $best = $distance;
                $owner = $i;
            } elseif ($distance < $second) {
                $second = $distance;
            }
        }

        return $best <= $limit && $best <= 0.16 * $second || $best < 0.01 ? $owner : 255;
    }

    /**
     * A smoothed edge between two colours can pass through a third on its way. Where a run of one or two pixels of
     * a third colour lies between two others, and its colour is a mixture of them, it is an edge and no line.
     */
    private static function withoutFringes(string $owners, ArtRaster $art, Palette $palette): string
    {
        $between = self::between($palette);
        if ($between === []) {
            return $owners;
        }
        $width = $art->width;
        $out = $owners;
        foreach ([[1, $width], [$width, 1]] as [$across, $along]) {
            for ($y = 0; $y < $art->height; ++$y) {
                $start = $y * $width;
                $row = substr($owners, $start, $width);
                $neighbour = $across === 1
                    ? $row[0].substr($row, 0, -1)
                    : ($y === 0 ? $row : substr($owners, $start - $width, $width));
                $edge = $row ^ $neighbour;
                $x = strspn($edge, "\0");
                while ($x < $width) {
                    $k = \ord($row[$x]);
                    if (isset($between[$k]) && self::isFringe($owners, $start + $x, $across, $k, $between[$k])) {
                        for ($i = 0, $at = $start + $x; $i < 2 && isset($owners[$at]) && \ord($owners[$at]) === $k; ++$i, $at += $across) {
                            $out[$at] = self::MIXED;
                        }
                    }
                    ++$x;
                    $x += strspn($edge, "\0", $x);
                }
            }
        }

        return $out;
    }

    /** @param array<int, array<int, true>> $pairs */
    private static function isFringe(string $owners, int $at, int $across, int $k, array $pairs): bool
    {
        $before = self::clearBeyond($owners, $at, -$across, $k, 3);
        $after = self::clearBeyond($owners, $at, $across, $k, 4);

        return $before !== null && $after !== null && isset($pairs[$before][$after]);
    }

    /** The first clear colour other than k, within so many pixels; null where k itself runs on for three. */
    private static function clearBeyond(string $owners, int $at, int $step, int $k, int $reach): ?int
    {
        $same = 0;
        for ($i = 1; $i <= $reach; ++$i) {
            $at += $step;
            if ($at < 0 || !isset($owners[$at])) {
                return null;
            }
            $owner = \ord($owners[$at]);
            if ($owner === $k) {
                if (++$same > 1) {
                    return null;
                }
                continue;
            }
            if ($owner !== 255) {
                return $owner;
            }
        }

        return null;
    }

    /** @return array<int, array<int, array<int, true>>> [k][p][q]: colour k is a mixture of p and q */
    private static function between(Palette $palette): array
    {
        $between = [];
        foreach ($palette->colours as $k => $colour) {
            foreach ($palette->colours as $p => $one) {
                foreach ($palette->colours as $q => $two) {
                    if ($k === $p || $k === $q || $p >= $q) {
                        continue;
                    }
                    $way = self::mixture($colour->colour, $one->colour, $two->colour);
                    if ($way->off < self::OFF_LINE * 1.5 && $way->share > 0.08 && $way->share < 0.92) {
                        $between[$k][$p][$q] = true;
                        $between[$k][$q][$p] = true;
                    }
                }
            }
        }

        return $between;
    }

    private static function mixture(Srgb $mixed, Srgb $one, Srgb $two): OnTheWay
    {
        $dr = $two->red - $one->red;
        $dg = $two->green - $one->green;
        $db = $two->blue - $one->blue;
        $length = $dr * $dr + 2 * $dg * $dg + 0.5 * $db * $db;
        if ($length < 1) {
            return new OnTheWay(0.0, 255.0);
        }
        $r = $mixed->red - $one->red;
        $g = $mixed->green - $one->green;
        $b = $mixed->blue - $one->blue;
        $share = max(0.0, min(1.0, ($r * $dr + 2 * $g * $dg + 0.5 * $b * $db) / $length));

        return new OnTheWay($share, sqrt(($r - $share * $dr) ** 2 + 2 * ($g - $share * $dg) ** 2 + 0.5 * ($b - $share * $db) ** 2));
    }

    /**
     * The same in a picture that was compressed: its lightness is sharp, its colour is smeared over its neighbours, so
     * lightness counts for most (luma and colour differences after ITU-R BT.601).
     */
    private static function noisyMixture(Srgb $mixed, Srgb $one, Srgb $two): OnTheWay
    {
        $parts = static fn (Srgb $c): array => [
            0.299 * $c->red + 0.587 * $c->green + 0.114 * $c->blue,
            -0.169 * $c->red - 0.331 * $c->green + 0.5 * $c->blue,
            0.5 * $c->red - 0.419 * $c->green - 0.081 * $c->blue,
        ];
        [$y1, $b1, $r1] = $parts($one);
        [$y2, $b2, $r2] = $parts($two);
        [$y, $b, $r] = $parts($mixed);
        $length = ($y2 - $y1) ** 2 + self::SMEARED * (($b2 - $b1) ** 2 + ($r2 - $r1) ** 2);
        if ($length < 1) {
            return new OnTheWay(0.0, 255.0);
        }
        $share = max(
            0.0,
            min(1.0, (($y - $y1) * ($y2 - $y1) + self::SMEARED * (($b - $b1) * ($b2 - $b1) + ($r - $r1) * ($r2 - $r1))) / $length),
        );

        return new OnTheWay($share, sqrt(($y - $y1 - $share * ($y2 - $y1)) ** 2 + self::SMEARED * (($b - $b1 - $share * ($b2 - $b1)) ** 2 + ($r - $r1 - $share * ($r2 - $r1)) ** 2)));
    }

    private static function resolved(string $owners, ArtRaster $art, Palette $palette): ColourField
    {
        $leaders = '';
        foreach ($palette->printsAs as $leader) {
            $leaders .= \chr($leader);
        }
        $indices = implode('', array_map(\chr(...), array_keys($palette->printsAs)));
        $first = strtr($owners, $indices, $leaders);
        $second = $first;
        $at = strpos($owners, self::MIXED);
        if ($at === false) {
            return new ColourField($art->width, $art->height, $first, $second, '');
        }
        $share = str_repeat("\0", \strlen($owners));
        $width = $art->width;
        $height = $art->height;
        /** @var array<int, Blended> $cache by pixel colour and what stands clear beside it */
        $cache = [];
        while ($at !== false) {
            $x = $at % $width;
            $y = intdiv($at, $width);
            $near = self::clearNear($owners, $x, $y, $width, $height, $palette->noisy ? self::REACH_NOISY : self::REACH);
            $i = $at * 3;
            $red = \ord($art->rgb[$i]);
            $green = \ord($art->rgb[$i + 1]);
            $blue = \ord($art->rgb[$i + 2]);
            $key = ($red << 16) | ($green << 8) | $blue;
            foreach ($near as $colour) {
                $key = $key * 31 + $colour + 1;
            }
            [$one, $two, $part] = $cache[$key] ??= self::pair(new Srgb($red, $green, $blue), $near, $palette);
            $leadOne = $palette->printsAs[$one];
            $leadTwo = $palette->printsAs[$two];
            $first[$at] = \chr($leadOne);
            $second[$at] = \chr($leadTwo);
            $share[$at] = \chr($leadOne === $leadTwo ? 0 : self::crossing($part));
            $at = strpos($owners, self::MIXED, $at + 1);
        }

        return new ColourField($width, $height, $first, $second, $share);
    }

    /**
     * Between pixel centres the edge is drawn where the share passes a half. A pixel that a straight edge covers by
     * f must hold f / (0.5 + f) for the line through it and its clear neighbour to pass there at the true place.
     */
    private static function crossing(int $part): int
    {
        $f = $part / 255;

        return (int) round(255 * ($f < 0.5 ? $f / (0.5 + $f) : 1 - (1 - $f) / (1.5 - $f)));
    }

    /** @return list<int> the clear colours within 1 pixel, else 2, and so on to the most */
    private static function clearNear(string $owners, int $x, int $y, int $width, int $height, int $most): array
    {
        $found = [];
        for ($reach = 1; $reach <= $most && \count($found) < 2; ++$reach) {
            $found = [];
            for ($j = max(0, $y - $reach), $bottom = min($height - 1, $y + $reach); $j <= $bottom; ++$j) {
                for ($i = max(0, $x - $reach), $right = min($width - 1, $x + $reach); $i <= $right; ++$i) {
                    $owner = \ord($owners[$j * $width + $i]);
                    if ($owner !== 255) {
                        $found[$owner] = true;
                    }
                }
            }
        }
        ksort($found);

        return array_keys($found);
    }

    /**
     * The pair whose mixture explains the pixel best: among the colours beside it, or, where only one stands clear
     * (a hairline thinner than a pixel), between that one and any other.
     *
     * @param list<int> $near
     *
     * @return Blended first, second, share of the second of 255
     */
    private static function pair(Srgb $mixed, array $near, Palette $palette): array
    {
        $colours = $palette->colours;
        $all = array_keys($colours);
        if (\count($colours) === 1) {
            return [0, 0, 0];
        }
        $best = \INF;
        $found = [0, 0, 0];
        if (\count($near) >= 2) {
            [$best, $found] = self::bestPair($mixed, $near, $near, $palette, $best, $found);
        }
        if (\count($near) < 2 || $best > ($palette->noisy ? 5 : 2) * self::OFF_LINE) {
            [, $found] = self::bestPair($mixed, $near === [] ? $all : $near, $all, $palette, $best, $found);
        }

        return $found;
    }

    /**
     * @param list<int> $ones
     * @param list<int> $twos
     * @param Blended   $found the best pair so far
     *
     * @return array{float, Blended} distance off the line, and the pair with its share
     */
    private static function bestPair(Srgb $mixed, array $ones, array $twos, Palette $palette, float $best, array $found): array
    {
        $colours = $palette->colours;
        foreach ($ones as $one) {
            foreach ($twos as $two) {
                if ($one === $two) {
                    continue;
                }
                $way = $palette->noisy ? self::noisyMixture(
                    $mixed,
                    $colours[$one]->colour,
                    $colours[$two]->colour,
                ) : self::mixture($mixed, $colours[$one]->colour, $colours[$two]->colour);
                if ($way->off < $best - 0.5) {
                    $best = $way->off;
                    $found = [$one, $two, (int) round($way->share * 255)];
                }
            }
        }

        return [$best, $found];
    }
}
