<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\WitnessSpot;

/** Two or three spots of the art where most plates meet: there a misfit shows first, so they are looked at on every strike-off. */
final class WitnessSpots
{
    private const HOW_MANY = 3;
    private const SQUARE_MM = 6.0;
    /** Witnesses stand at least this share of the print's diagonal apart, so that a turn shows too (heuristic). */
    private const APART = 0.3;

    /**
     * @param list<CoverageMap> $plates of the colour plates
     *
     * @return list<WitnessSpot> from the print's top left corner
     */
    public static function of(array $plates, float $dpi): array
    {
        if (\count($plates) < 2) {
            return [];
        }
        $first = $plates[0];
        $mm = $first->filmPixels * 25.4 / $dpi;
        $cell = max(1, (int) round(self::SQUARE_MM / $mm));
        $squares = [];
        for ($y = 0; $y < $first->height; ++$y) {
            for ($x = 0; $x < $first->width; $x += $cell) {
                $key = intdiv($y, $cell) << 16 | intdiv($x, $cell);
                foreach ($plates as $k => $plate) {
                    $part = substr($plate->bytes, $y * $first->width + $x, min($cell, $first->width - $x));
                    $here = \strlen($part) - substr_count($part, "\0");
                    if ($here > 0) {
                        $squares[$key][$k] = ($squares[$key][$k] ?? 0) + $here;
                    }
                }
            }
        }
        // The more plates, and the more evenly they share the square, the better a witness.
        $ranked = array_map(static fn (array $shares): float => \count($shares) + min($shares) / max(1, array_sum($shares)), $squares);
        arsort($ranked);
        $spots = [];
        $apart = self::APART * hypot($first->width, $first->height) * $mm;
        foreach ($ranked as $key => $_) {
            $x = (($key & 0xFFFF) + 0.5) * $cell * $mm;
            $y = (($key >> 16) + 0.5) * $cell * $mm;
            foreach ($spots as $spot) {
                if (hypot($spot->xMm - $x, $spot->yMm - $y) < $apart) {
                    continue 2;
                }
            }
            if (\count($squares[$key]) < 2) {
                break;
            }
            $spots[] = new WitnessSpot(round($x, 1), round($y, 1), \count($squares[$key]));
            if (\count($spots) === self::HOW_MANY) {
                break;
            }
        }

        return $spots;
    }
}
