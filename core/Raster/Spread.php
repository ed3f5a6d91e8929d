<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Euclidean choke and spread of a plane, by pixel centres: a spread pixel lies within the radius of a pixel
 * that prints, a choked one has no empty pixel within it. The disc is a stack of horizontal spans; a row as one
 * big integer is widened by shifts, so a whole row costs a few dozen machine-speed operations.
 */
final class Spread
{
    /**
     * Added to a length that an edge is to move by: pixels are whole, so it moves to the nearest and not to the one before.
     * A little less than half keeps what is exactly between on the smaller side.
     */
    public const TO_THE_NEAREST = 0.499;

    /** @param float $radius in pixels; 0 leaves the plane as it is */
    public static function by(BitPlane $plane, float $radius): BitPlane
    {
        return self::widened($plane, $radius, false);
    }

    /**
     * The border of the plane counts as empty, so ink that runs off the art is choked there too.
     *
     * @param float $radius in pixels
     */
    public static function choke(BitPlane $plane, float $radius): BitPlane
    {
        return self::widened($plane, $radius, true);
    }

    private static function widened(BitPlane $plane, float $radius, bool $choke): BitPlane
    {
        $reach = (int) floor($radius);
        if ($reach < 1) {
            return $plane;
        }
        $width = $plane->width;
        $height = $plane->height;
        $stride = $plane->stride;
        $pad = $stride * 8 - $width;
        $halfWidths = [];
        for ($dy = 0; $dy <= $reach; ++$dy) {
            $halfWidths[$dy] = (int) floor(sqrt($radius * $radius - $dy * $dy) + 1e-9);
        }
        $distinct = array_fill_keys($halfWidths, true);
        $full = gmp_sub(gmp_pow(2, $width), 1);
        $emptyRow = str_repeat("\0", $stride);
        $invert = static fn (\GMP $bits): \GMP => gmp_xor($bits, $full);

        // A choke is the spread of what is empty. Outside the plane all is empty, so the side borders spread inwards.
        $border = [];
        foreach (array_keys($distinct) as $half) {
            $edge = $choke && $half > 0 ? gmp_sub(gmp_pow(2, min($half, $width)), 1) : gmp_init(0);
            $border[$half] = gmp_and(gmp_or($edge, gmp_mul($edge, gmp_pow(2, max(0, $width - $half)))), $full);
        }

        /** @var array<int, array<int, string>> $widenedRows by row, then by half width */
        $widenedRows = [];
        $solidRow = self::bytes($full, $pad, $stride);
        $emptyOutside = $choke ? $solidRow : $emptyRow;
        $known = '';
        $knownRows = [];
        $prepare = static function (int $y) use (
            &$widenedRows,
            &$known,
            &$knownRows,
            $plane,
            $pad,
            $stride,
            $choke,
            $invert,
            $distinct,
            $border,
            $full,
            $reach,
        ): void {
            $row = $plane->row($y);
            if ($row === $known && $knownRows !== []) {
                $widenedRows[$y] = $knownRows;

                return;
            }
            $bits = gmp_div_q(gmp_import($row), 2 ** $pad);
            if ($choke) {
                $bits = $invert($bits);
            }
            $rows = [];
            if (gmp_sign($bits) === 0) {
                foreach (array_keys($distinct) as $half) {
                    $rows[$half] = self::bytes($border[$half], $pad, $stride);
                }
            } else {
                $left = $right = $wide = $bits;
                for ($half = 0; $half <= $reach; ++$half) {
                    if ($half > 0) {
                        $left = gmp_mul($left, 2);
                        $right = gmp_div_q($right, 2);
                        $wide = gmp_or($wide, gmp_or($left, $right));
                    }
                    if (isset($distinct[$half])) {
                        $rows[$half] = self::bytes(gmp_and(gmp_or($wide, $border[$half]), $full), $pad, $stride);
                    }
                }
            }
            $known = $row;
            $knownRows = $rows;
            $widenedRows[$y] = $rows;
        };

        $out = [];
        for ($y = 0; $y < min($reach, $height); ++$y) {
            $prepare($y);
        }
        $lastParts = [];
        $lastRow = '';
        for ($y = 0; $y < $height; ++$y) {
            if ($y + $reach < $height) {
                $prepare($y + $reach);
            }
            $parts = [];
            for ($dy = -$reach; $dy <= $reach; ++$dy) {
                $half = $halfWidths[abs($dy)];
                $parts[] = $widenedRows[$y + $dy][$half] ?? $emptyOutside;
            }
            if ($parts !== $lastParts) {
                $lastParts = $parts;
                $lastRow = $parts[0];
                foreach ($parts as $part) {
                    $lastRow |= $part;
                }
                if ($choke) {
                    $lastRow = ~$lastRow & $solidRow;
                }
            }
            $out[] = $lastRow;
            unset($widenedRows[$y - $reach]);
        }

        return new BitPlane($width, $height, implode('', $out));
    }

    private static function bytes(\GMP $bits, int $pad, int $stride): string
    {
        return str_pad(gmp_export(gmp_mul($bits, 2 ** $pad)), $stride, "\0", \STR_PAD_LEFT);
    }
}
