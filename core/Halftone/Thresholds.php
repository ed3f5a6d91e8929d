<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * From which tone on each pixel of a supercell prints, 1 to 255: all pixels in the order in which the dots grow, cut into
 * 255 steps of like many. Cells that would grow in step take turns, so that even coarse cells give every tone.
 *
 * @phpstan-import-type Parts from SetOff
 */
final class Thresholds
{
    private const STEPS = 255;
    /** The order is told apart so finely. */
    private const BINS = 65_536;
    /** Cells and the pixels of a cell take turns by these, the plastic number's, which spread evenly in the plane. */
    private const TURN_X = 0.7548776662466927;
    private const TURN_Y = 0.5698402909980532;

    /** @return list<string> the rows of the supercell, a byte a pixel */
    public static function of(Supercell $cell, Dot $dot): array
    {
        $perPixel = $cell->cells / ($cell->a * $cell->a + $cell->b * $cell->b);
        // Within a pixel's worth of the cell's area the turns decide.
        $turn = 0.7 / (($cell->a * $cell->a + $cell->b * $cell->b) / ($cell->cells * $cell->cells));
        $counts = array_fill(0, self::BINS, 0);
        $orders = [];
        for ($y = 0; $y < $cell->rows; ++$y) {
            $order = [];
            $up = -($y + 0.5);
            for ($x = 0; $x < $cell->period; ++$x) {
                $p = (($x + 0.5) * $cell->a + $up * $cell->b) * $perPixel;
                $q = ($up * $cell->a - ($x + 0.5) * $cell->b) * $perPixel;
                $i = floor($p);
                $j = floor($q);
                [$u, $v] = [$p - $i - 0.5, $q - $j - 0.5];
                // The same cell of every supercell takes the same turn.
                [$i, $j] = self::within($i, $j, $cell->cells);
                $turns = self::TURN_X * $i + self::TURN_Y * $j + ($u > 0 ? 0.5 : 0.0) + ($v > 0 ? 0.25 : 0.0) + (abs($u) > abs($v) ? 0.125 : 0.0);
                $at = (int) (($dot->order($u, $v) + $turn * ($turns - floor($turns))) / (1 + $turn) * (self::BINS - 1));
                $order[] = $at;
                ++$counts[$at];
            }
            $orders[] = $order;
        }

        return self::cut($orders, $counts, $cell->rows * $cell->period);
    }

    /** @return Parts a cell's place in its supercell: cells that are a whole side apart have one place */
    private static function within(float $i, float $j, int $cells): array
    {
        return [$i - $cells * floor($i / $cells), $j - $cells * floor($j / $cells)];
    }

    /**
     * @param list<list<int>> $orders
     * @param array<int, int> $counts how many pixels have each order
     *
     * @return list<string>
     */
    private static function cut(array $orders, array $counts, int $all): array
    {
        $before = 0;
        $steps = [];
        foreach ($counts as $at => $count) {
            $steps[$at] = \chr(1 + min(self::STEPS - 1, (int) (($before + $count / 2) / $all * self::STEPS)));
            $before += $count;
        }
        $rows = [];
        foreach ($orders as $order) {
            $row = '';
            foreach ($order as $at) {
                $row .= $steps[$at];
            }
            $rows[] = $row;
        }

        return $rows;
    }
}
