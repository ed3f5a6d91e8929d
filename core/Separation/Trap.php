<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;

/**
 * Lets plates that touch overlap a little, so that a small misfit opens no gap. The lighter plate spreads under its
 * darker neighbour; under a plate that overprints, its neighbours run further; a highlight lies on top, so its neighbours
 * spread under it. What the garment shows is never spread into.
 */
final class Trap
{
    /** Default: so many times the press's measured register sigma. */
    public const SIGMAS = 2.0;
    /** Usual bounds, mm (heuristic). */
    public const LEAST_MM = 0.1;
    public const MOST_MM = 0.3;
    /** How far neighbours run under a plate that overprints, mm (heuristic). */
    public const OVERPRINT_MM = 0.5;
    /** From this lightness down the darkest ink overprints by itself, L* (heuristic). */
    public const DARK = 40.0;

    /**
     * @param list<array{plane: BitPlane, lightness: float, highlight: bool, overprints: bool}> $plates in print order, none over another
     * @param float                                                                              $trap      in pixels
     * @param float                                                                              $overprint in pixels
     *
     * @return list<BitPlane> the planes, spread
     */
    public static function spread(array $plates, float $trap, float $overprint): array
    {
        $spread = [];
        foreach ($plates as $i => $plate) {
            $plane = $plate['plane'];
            foreach ([[false, $trap], [true, max($trap, $overprint)]] as [$overprinting, $reach]) {
                $room = null;
                foreach ($plates as $j => $other) {
                    if ($i !== $j && $other['overprints'] === $overprinting && self::liesUnder($plate, $i, $other, $j)) {
                        $room = $room === null ? $other['plane'] : $room->or($other['plane']);
                    }
                }
                if ($room !== null && $reach >= 1) {
                    $plane = $plane->or(Spread::by($plate['plane'], $reach)->and($room));
                }
            }
            $spread[] = $plane;
        }

        return $spread;
    }

    /**
     * @param array{plane: BitPlane, lightness: float, highlight: bool, overprints: bool} $one
     * @param array{plane: BitPlane, lightness: float, highlight: bool, overprints: bool} $two
     */
    private static function liesUnder(array $one, int $placeOfOne, array $two, int $placeOfTwo): bool
    {
        return match (true) {
            $one['highlight'] !== $two['highlight'] => $two['highlight'],
            $one['overprints'] !== $two['overprints'] => $two['overprints'],
            abs($one['lightness'] - $two['lightness']) < 1.0 => $placeOfOne < $placeOfTwo,
            default => $one['lightness'] > $two['lightness'],
        };
    }
}
