<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** A plane made a little larger or smaller by repeating or leaving out rows and columns at even distances. */
final class Rescaled
{
    public static function to(BitPlane $plane, int $width, int $height): BitPlane
    {
        if ($width === $plane->width && $height === $plane->height) {
            return $plane;
        }
        // Columns that are kept together: [first, length].
        $pieces = [];
        for ($x = 0; $x < $width; ++$x) {
            $from = (int) (($x + 0.5) * $plane->width / $width);
            $last = \count($pieces) - 1;
            if ($last >= 0 && $pieces[$last][0] + $pieces[$last][1] === $from) {
                ++$pieces[$last][1];
            } else {
                $pieces[] = [$from, 1];
            }
        }
        $stride = ($width + 7) >> 3;
        $padding = str_repeat('0', 8 * $stride - $width);
        $rows = [];
        $known = null;
        $row = '';
        for ($y = 0; $y < $height; ++$y) {
            $source = $plane->row((int) (($y + 0.5) * $plane->height / $height));
            if ($source !== $known) {
                $known = $source;
                $digits = str_pad(gmp_strval(gmp_import($source), 2), 8 * $plane->stride, '0', \STR_PAD_LEFT);
                $scaled = '';
                foreach ($pieces as [$from, $length]) {
                    $scaled .= substr($digits, $from, $length);
                }
                $row = str_pad(gmp_export(gmp_init($scaled.$padding, 2)), $stride, "\0", \STR_PAD_LEFT);
            }
            $rows[] = $row;
        }

        return new BitPlane($width, $height, implode('', $rows));
    }
}
