<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

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
    /** Register of a press that nobody measured, standard deviation, mm (heuristic). */
    public const USUAL_SIGMA_MM = 0.1;
    /** From this lightness down the darkest ink overprints by itself, L* (heuristic). */
    public const DARK = 40.0;

    /** @param float|null $sigmaMm how far the press’s prints scatter; null where nobody measured it */
    public static function followingPress(?float $sigmaMm): float
    {
        return self::SIGMAS * ($sigmaMm ?? self::USUAL_SIGMA_MM);
    }

    /**
     * @param float|null $setMm   by the printer; null follows the press
     * @param float|null $sigmaMm of the press
     */
    public static function figure(?float $setMm, ?float $sigmaMm, string $press): Figure
    {
        $mm = $setMm ?? self::followingPress($sigmaMm);

        return new Figure(
            $mm,
            'mm',
            match (true) {
                $mm > self::MOST_MM => Sign::OutOfBounds,
                $setMm === null && $sigmaMm !== null => Sign::Measured,
                default => Sign::Reckoned,
            },
            match (true) {
                $setMm !== null => 'set by hand',
                $sigmaMm !== null => 'register of this shop’s '.$press,
                default => 'trade default',
            },
            $setMm !== null ? 'As you set it' : \sprintf('Twice the press’s register error: 2 × %.2f mm', $sigmaMm ?? self::USUAL_SIGMA_MM),
            [
                \sprintf('usual %.1f to %.1f mm', self::LEAST_MM, self::MOST_MM),
                'the lighter plate spreads under its darker neighbour',
                \sprintf('under the darkest ink neighbours run on by %.1f mm', self::OVERPRINT_MM),
            ],
            school: 'Knock out, with a trap; the darkest ink overprints',
            wouldChange: $mm > self::MOST_MM ? 'A seam this wide shows as a line of its own. Bring the press to register nearer first, or set a narrower trap.' : 'Strike-offs of this press tell how far its prints wander.',
        );
    }

    /**
     * One of the plates, spread under those that lie over it.
     *
     * @param list<PlateDraft> $plates    in print order, none over another
     * @param float            $trap      in pixels
     * @param float            $overprint in pixels
     */
    public static function one(array $plates, int $i, float $trap, float $overprint): BitPlane
    {
        $plate = $plates[$i];
        $plane = $plate->alone;
        foreach ([[false, $trap], [true, max($trap, $overprint)]] as [$overprinting, $reach]) {
            $room = null;
            foreach ($plates as $j => $other) {
                if ($i !== $j && $other->overprints === $overprinting && self::liesUnder($plate, $i, $other, $j)) {
                    $room = $room === null ? $other->alone : $room->or($other->alone);
                }
            }
            if ($room !== null && $reach + Spread::TO_THE_NEAREST >= 1) {
                $plane = $plane->or(Spread::by($plate->alone, $reach + Spread::TO_THE_NEAREST)->and($room));
            }
        }

        return $plane;
    }

    private static function liesUnder(PlateDraft $one, int $placeOfOne, PlateDraft $two, int $placeOfTwo): bool
    {
        return match (true) {
            $one->role !== $two->role => $two->role === PlateRole::Highlight,
            $one->overprints !== $two->overprints => $two->overprints,
            abs($one->lab->l - $two->lab->l) < 1.0 => $placeOfOne < $placeOfTwo,
            default => $one->lab->l > $two->lab->l,
        };
    }
}
