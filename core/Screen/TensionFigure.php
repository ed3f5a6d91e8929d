<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/** The tension of a frame as a figure. */
final class TensionFigure
{
    private const DAYS_A_MONTH = 30.44;

    /**
     * @param int        $readings how many there are of this mesh
     * @param float|null $spread   of the last one, tightest less slackest place, N/cm
     * @param bool       $assumed  whether it is only taken to be so, because nobody has gauged it
     */
    public static function of(float $nPerCm, int $readings, ?string $lastOn, ?float $spread, ?TensionTrend $trend, bool $assumed = false): Figure
    {
        $uneven = $spread !== null && $spread > Tension::EVEN;

        return new Figure(
            $nPerCm,
            'N/cm',
            $nPerCm < Tension::RE_MESH_UNDER || $uneven ? Sign::OutOfBounds : ($assumed ? Sign::Reckoned : Sign::Measured),
            $assumed ? 'trade default, until it is gauged' : ($readings === 0 ? 'as it was put on the shelf' : \sprintf(
                '%d %s of this shop, the last of %s',
                $readings,
                $readings === 1 ? 'reading' : 'readings',
                $lastOn ?? '',
            )),
            'Mean of five places, along and across',
            array_values(array_filter([
                \sprintf('under %.0f N/cm re-mesh, 18 to 25 workable, 25 to 35 tight', Tension::RE_MESH_UNDER),
                $spread === null ? '' : \sprintf('tightest and slackest place differ by %.1f N/cm, %.0f is even', $spread, Tension::EVEN),
                $trend === null ? '' : \sprintf(
                    'falls by %.2f N/cm a month (%.2f to %.2f)',
                    -self::DAYS_A_MONTH * $trend->perDay,
                    -self::DAYS_A_MONTH * $trend->perDayHigh,
                    -self::DAYS_A_MONTH * $trend->perDayLow,
                ),
            ], static fn (string $s): bool => $s !== '')),
            school: '',
            wouldChange: $uneven ? 'Stretched unevenly: the print grows where it is slack.' : 'New mesh drops in its first uses; read it again after them.',
        );
    }

    /** N/cm a month */
    public static function aMonth(float $perDay): float
    {
        return self::DAYS_A_MONTH * $perDay;
    }
}
