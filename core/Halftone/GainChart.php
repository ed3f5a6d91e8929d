<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\ToneRaster;

/**
 * A chart to print and to read: every fifth per cent three times. Each copy runs by rows of seven from left to right and
 * begins with another row, so that no tone lies in one corner of the sheet only.
 */
final class GainChart
{
    public const PATCH_MM = 12.0;
    public const GAP_MM = 2.0;
    private const COLUMNS = 7;
    private const ROWS = 3;
    private const COPIES = 3;
    private const STEP_PCT = 5;
    /** A sheet has marks at its corners from so many plates on. */
    private const CORNER_MARKS = 3;

    public static function widthMm(): float
    {
        return self::COLUMNS * self::PATCH_MM + (self::COLUMNS - 1) * self::GAP_MM;
    }

    public static function heightMm(): float
    {
        $rows = self::COPIES * self::ROWS;

        return $rows * self::PATCH_MM + ($rows - 1) * self::GAP_MM;
    }

    /** @return list<ChartPatch> */
    public static function patches(): array
    {
        $patches = [];
        for ($copy = 0; $copy < self::COPIES; ++$copy) {
            for ($row = 0; $row < self::ROWS; ++$row) {
                for ($column = 0; $column < self::COLUMNS; ++$column) {
                    $patches[] = new ChartPatch(
                        self::STEP_PCT * (self::COLUMNS * (($row + $copy) % self::ROWS) + $column),
                        $copy + 1,
                        $column * (self::PATCH_MM + self::GAP_MM),
                        (self::ROWS * $copy + $row) * (self::PATCH_MM + self::GAP_MM),
                    );
                }
            }
        }

        return $patches;
    }

    public static function grid(float $dpi): ToneGrid
    {
        return ToneGrid::for(self::widthMm(), (int) round(100 * self::widthMm()), (int) round(100 * self::heightMm()), $dpi);
    }

    /** With marks at its corners too: a scan of the print is found by them. */
    public static function sheet(float $dpi): FilmSheet
    {
        $grid = self::grid($dpi);

        return new FilmSheet($grid->width, $grid->height, $dpi, self::CORNER_MARKS);
    }

    /**
     * The chart as tones, each patch to the nearest place of the grid.
     *
     * @param (callable(float): float)|null $printed another tone in place of each, 0–1: what a press makes of it
     */
    public static function tones(ToneGrid $grid, ?callable $printed = null): ToneRaster
    {
        $perMmX = $grid->tonesAcross / self::widthMm();
        $perMmY = $grid->tonesDown / self::heightMm();
        $rows = array_fill(0, $grid->tonesDown, str_repeat("\0", $grid->tonesAcross));
        foreach (self::patches() as $patch) {
            $from = (int) round($patch->xMm * $perMmX);
            $width = min($grid->tonesAcross, (int) round(($patch->xMm + self::PATCH_MM) * $perMmX)) - $from;
            $bytes = str_repeat(\chr((int) round(255 * ($printed === null ? $patch->tonePct / 100 : $printed($patch->tonePct / 100)))), $width);
            $to = min($grid->tonesDown, (int) round(($patch->yMm + self::PATCH_MM) * $perMmY));
            for ($y = (int) round($patch->yMm * $perMmY); $y < $to; ++$y) {
                $rows[$y] = substr_replace($rows[$y] ?? '', $bytes, $from, $width);
            }
        }

        return new ToneRaster($grid->tonesAcross, $grid->tonesDown, implode('', $rows));
    }
}
