<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;

/**
 * The width of the thinnest line of a plate. A line thinner than w is what the opening by a disc of diameter w
 * loses. Corners lose a little to it too, so a loss counts only where it lies further from what remains than a right
 * angle's corner does, and is at least as long as it is wide.
 */
final class FinestLine
{
    /** Widths tried, mm, thinnest first. Thicker lines hold on any mesh. */
    public const TRIED_MM = [0.15, 0.2, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0, 1.3, 1.7];

    /**
     * @param float $dpi of the plane
     *
     * @return float|null mm, the largest width tried that all lines keep is below it; null where all are wider
     */
    public static function of(BitPlane $plane, float $dpi): ?float
    {
        // A width is tried at the resolution where it spans at most 8 pixels: fine enough to tell, and cheap.
        foreach (self::TRIED_MM as $mm) {
            while ($mm / 25.4 * $dpi > 8) {
                $plane = self::halved($plane);
                $dpi /= 2;
            }
            if (self::loses($plane, $mm / 25.4 * $dpi)) {
                return $mm;
            }
        }

        return null;
    }

    /** @param float $width in pixels */
    public static function loses(BitPlane $plane, float $width): bool
    {
        // A line of n pixels has (n + 1) / 2 from its middle to the first empty pixel: n < width is lost at width / 2.
        $radius = $width / 2;
        if ($radius < 1) {
            return false;
        }
        $core = Spread::choke($plane, $radius);
        // A right angle's corner lies (√2 − 1) of the radius beyond the disc; sharper tips are told by their size below.
        $kept = Spread::by($core, $radius * 1.45 + 1);
        $lost = $plane->without($kept);
        $count = $lost->count();
        if ($count === 0) {
            return false;
        }

        return self::longest($lost) >= max(3.0, $width);
    }

    /** The longest side of any patch, in pixels, found row by row. */
    private static function longest(BitPlane $lost): float
    {
        $empty = str_repeat("\0", $lost->stride);
        /** @var list<array{int, int, int}> $above runs of the row above: from, to, patch */
        $above = [];
        /** @var array<int, array{int, int, int, int}> $patches left, right, top, bottom */
        $patches = [];
        $longest = 0.0;
        $next = 0;
        for ($y = 0; $y < $lost->height; ++$y) {
            $row = $lost->row($y);
            if ($row === $empty) {
                $above = [];
                $patches = [];
                continue;
            }
            $runs = [];
            foreach (self::runs($row, $lost->width) as [$from, $to]) {
                $patch = null;
                foreach ($above as [$aboveFrom, $aboveTo, $of]) {
                    if ($aboveFrom <= $to && $aboveTo >= $from) {
                        $patch = $of;
                        break;
                    }
                }
                if ($patch === null) {
                    $patch = $next++;
                    $patches[$patch] = [$from, $to, $y, $y];
                }
                [$left, $right, $top] = $patches[$patch];
                $patches[$patch] = [min($left, $from), max($right, $to), $top, $y];
                $longest = max($longest, hypot($patches[$patch][1] - $patches[$patch][0], $y - $top));
                $runs[] = [$from, $to, $patch];
            }
            $above = $runs;
        }

        return $longest;
    }

    /** @return list<array{int, int}> first and one past the last pixel of each run */
    private static function runs(string $row, int $width): array
    {
        $runs = [];
        $from = -1;
        $x = strspn($row, "\0") * 8;
        while ($x < $width) {
            if (($x & 7) === 0 && $from < 0) {
                $x += strspn($row, "\0", $x >> 3) * 8;
                if ($x >= $width) {
                    break;
                }
            }
            $on = (\ord($row[$x >> 3]) & (0x80 >> ($x & 7))) !== 0;
            if ($on && $from < 0) {
                $from = $x;
            } elseif (!$on && $from >= 0) {
                $runs[] = [$from, $x];
                $from = -1;
            }
            ++$x;
        }
        if ($from >= 0) {
            $runs[] = [$from, $width];
        }

        return $runs;
    }

    /** Half the resolution; a pixel prints where at least two of its four do. */
    public static function halved(BitPlane $plane): BitPlane
    {
        // Bits are spread to two a pixel pair, counted with integer arithmetic on whole rows: 00, 01, 10 for 0, 1, 2.
        $stride = $plane->stride;
        $low = gmp_init(str_repeat('55', $stride), 16);
        $width = intdiv($plane->width + 1, 2);
        $outStride = ($width + 7) >> 3;
        [$all, $nibbles] = self::nibbles();
        $blank = str_repeat("\0", $stride);
        $rows = [];
        for ($y = 0; $y < $plane->height; $y += 2) {
            $upper = $plane->row($y);
            $lower = $y + 1 < $plane->height ? $plane->row($y + 1) : $blank;
            if ($upper === $blank && $lower === $blank) {
                $rows[] = str_repeat("\0", $outStride);
                continue;
            }
            // Two or more of a b / c d: (a and b) or (c and d) or ((a or b) and (c or d)).
            $u = gmp_import($upper);
            $l = gmp_import($lower);
            $u2 = gmp_div_q($u, 2);
            $l2 = gmp_div_q($l, 2);
            $most = gmp_and(gmp_or(gmp_or(gmp_and($u, $u2), gmp_and($l, $l2)), gmp_and(gmp_or($u, $u2), gmp_or($l, $l2))), $low);
            $packed = strtr(str_pad(gmp_export($most), $stride, "\0", \STR_PAD_LEFT), $all, $nibbles);
            $rows[] = substr((string) hex2bin(\strlen($packed) % 2 === 0 ? $packed : $packed.'0'), 0, $outStride);
        }

        return new BitPlane($width, \count($rows), implode('', $rows));
    }

    /** @return array{string, string} every byte, and the hex digit of its bits 6, 4, 2, 0 */
    private static function nibbles(): array
    {
        $digits = '';
        for ($i = 0; $i < 256; ++$i) {
            $digits .= dechex((($i & 0x40) >> 3) | (($i & 0x10) >> 2) | (($i & 0x04) >> 1) | ($i & 0x01));
        }

        return [implode('', array_map(\chr(...), range(0, 255))), $digits];
    }
}
