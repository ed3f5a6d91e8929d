<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/**
 * Euclidean choke and spread of a plane, by pixel centres: a spread pixel lies within the radius of a pixel
 * that prints, a choked one has no empty pixel within it. The disc is a stack of horizontal spans; many
 * rows as one big number are widened by shifts, so a whole plane costs a few dozen operations at machine speed.
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
        $halfWidths = [$reach];
        for ($dy = 1; $dy <= $reach; ++$dy) {
            $halfWidths[$dy] = (int) floor(sqrt($radius * $radius - $dy * $dy) + 1e-9);
        }
        // Each row gets room for what is widened beyond its end, so that rows in one number do not run into each other.
        $room = str_repeat("\0", 8 * intdiv($plane->width + $reach + 63, 64) - $plane->stride);
        $rowBytes = $plane->stride + \strlen($room);
        $atOnce = max(4 * $reach, intdiv(Bits::AT_ONCE, $rowBytes));
        $around = $reach + 1;
        $done = '';
        for ($from = 0; $from < $plane->height; $from += $atOnce) {
            $first = max(0, $from - $around);
            $rows = min($atOnce, $plane->height - $from);
            $bytes = substr($plane->bytes, $first * $plane->stride, (min($plane->height, $from + $rows + $around) - $first) * $plane->stride);
            if (strspn($bytes, "\0") === \strlen($bytes)) {
                $done .= str_repeat("\0", $rows * $plane->stride);
                continue;
            }
            $above = str_repeat("\0", ($around - $from + $first) * $rowBytes);
            $length = ($rows + 2 * $around) * $rowBytes;
            $bits = str_pad($above.implode($room, str_split($bytes, max(1, $plane->stride))).$room, $length, "\0");
            $widened = self::disc(Bits::number($bits), $halfWidths, 8 * $rowBytes, $choke ? Bits::number(str_repeat("\xff", $length)) : null);
            foreach (str_split(substr(Bits::bytes($widened, $length), $around * $rowBytes, $rows * $rowBytes), max(1, $rowBytes)) as $row) {
                $done .= substr($row, 0, $plane->stride);
            }
        }

        return $choke ? new BitPlane($plane->width, $plane->height, $done) : BitPlane::within($plane->width, $plane->height, $done);
    }

    /**
     * Rows in one number, widened by a disc. From its ends inwards: what is widened so far moves a row up and a row down,
     * and the next wider span of the disc is added.
     *
     * @param non-empty-array<int, int> $halfWidths of the disc, from its middle row on
     * @param \GMP|null                 $all        every bit set: the empty is widened and not what prints
     */
    private static function disc(\GMP $bits, array $halfWidths, int $rowBits, ?\GMP $all): \GMP
    {
        $wide = $all === null ? $bits : gmp_xor($bits, $all);
        $half = 0;
        $disc = null;
        for ($dy = \count($halfWidths) - 1; $dy >= 0; --$dy) {
            while ($half < $halfWidths[$dy]) {
                // Two copies as far apart as they are wide leave no gap between them; a single pixel does.
                $by = min(max(1, $half), $halfWidths[$dy] - $half);
                $wide = $half === 0 ? $wide | ($wide << 1) | ($wide >> 1) : ($wide << $by) | ($wide >> $by);
                $half += $by;
            }
            $disc = $disc === null ? $wide : $wide | ($disc << $rowBits) | ($disc >> $rowBits);
        }

        return $all === null ? $disc ?? $bits : gmp_xor(gmp_and($disc ?? $bits, $all), $all);
    }
}
