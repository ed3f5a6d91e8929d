<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Raster\BitPlane;

/** Draws a plane from a formula: a pixel prints where its centre lies inside. */
final class DrawnPlane
{
    /** @param callable(float, float): bool $inside of millimetres from the top left corner */
    public static function of(float $widthMm, float $heightMm, float $dpi, callable $inside): BitPlane
    {
        $perMm = $dpi / 25.4;
        $width = (int) round($widthMm * $perMm);
        $height = (int) round($heightMm * $perMm);
        $stride = ($width + 7) >> 3;
        $rows = '';
        for ($y = 0; $y < $height; ++$y) {
            $digits = '';
            for ($x = 0; $x < $width; ++$x) {
                $digits .= $inside(($x + 0.5) / $perMm, ($y + 0.5) / $perMm) ? '1' : '0';
            }
            $rows .= str_pad(gmp_export(gmp_init(str_pad($digits, 8 * $stride, '0'), 2)), $stride, "\0", \STR_PAD_LEFT);
        }

        return new BitPlane($width, $height, $rows);
    }
}
