<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PlaneFile;

/** A small square of a plate at film resolution, a byte a pixel, and as the press prints its dots. */
final class PlaneSquare
{
    /** @return string one byte a pixel, empty or full; open beyond the edge of the plane */
    public static function of(string $path, int $left, int $top, int $size): string
    {
        $from = max(0, $top);
        $plane = PlaneFile::window($path, $from, max(0, $top + $size - $from));
        $rows = str_repeat("\0", max(0, min($size, $from - $top)) * $size);
        for ($y = 0; $y < $plane->height; ++$y) {
            $rows .= self::row($plane, $y, $left, $size);
        }

        return str_pad(substr($rows, 0, $size * $size), $size * $size, "\0");
    }

    private static function row(BitPlane $plane, int $y, int $left, int $size): string
    {
        $x = max(0, $left);
        $width = max(0, min($plane->width, $left + $size) - $x);
        if ($width === 0) {
            return str_repeat("\0", $size);
        }
        $byte = $x >> 3;
        $part = substr($plane->row($y), $byte, (($x + $width + 7) >> 3) - $byte);
        $digits = substr(str_pad(gmp_strval(gmp_import($part), 2), 8 * \strlen($part), '0', \STR_PAD_LEFT), $x - 8 * $byte, $width);

        return str_pad(str_repeat("\0", $x - $left).strtr($digits, '01', "\0".\chr(CoverageMap::FULL)), $size, "\0");
    }

    /**
     * Dots as the press prints them: they spread by their gain all round. Half a cell’s worth of a round dot has an edge of
     * 2 √2 cells; a gain of so much of the cell is an edge moved by that share of it.
     *
     * @param string $dots a byte a pixel, empty or full
     */
    public static function grown(string $dots, int $size, float $lpi, float $dpi, PressGain $press): string
    {
        $gain = $press->at(0.5)->printed - 0.5;
        $reach = $gain * $dpi / $lpi / (2 * \M_SQRT2);
        $around = (int) round($reach);
        if ($around < 1) {
            return $dots;
        }
        $row = str_repeat("\0", $around);
        $padded = '';
        foreach (str_split($dots, max(1, $size)) as $line) {
            $padded .= $line.$row;
        }
        $wide = $size + $around;
        $spread = $padded;
        for ($y = -$around; $y <= $around; ++$y) {
            for ($x = -$around; $x <= $around; ++$x) {
                if (hypot($x, $y) <= $reach + 0.5) {
                    $by = $y * $wide + $x;
                    $spread |= $by >= 0 ? str_repeat("\0", $by).substr($padded, 0, \strlen($padded) - $by) : substr($padded, -$by).str_repeat("\0", -$by);
                }
            }
        }

        return implode('', array_map(static fn (string $line): string => substr($line, 0, $size), str_split($spread, max(1, $wide))));
    }
}
