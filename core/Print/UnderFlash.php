<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Ink\Deposit;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\FlashAt;
use Ektype\Core\Press\FlashCurve;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\Rhythm;

/** How long plates stay under the flash and cool, with the usual flash, or as this shop’s readings have it. */
final class UnderFlash
{
    /** Flash over the print, mm. */
    public const HEIGHT_MM = 45.0;
    public const OVER_FLEECE_MM = 60.0;
    /** Heat that cloth takes against a tee’s (heuristic). */
    private const FLEECE = 1.4;
    private const RIGID = 2.0;
    /** Platens that have gone round a while, and at the first piece, °C (heuristic). */
    private const WARM_C = 38.0;
    private const COLD_C = 22.0;
    /** Fibres hold a film of ink apart: it stands so many times as thick as its ink alone (heuristic). */
    private const STANDS = 2.4;
    /** Dwells from and up to this are told, s, in steps. */
    private const SHORTEST_S = 1.0;
    private const LONGEST_S = 16.0;
    private const STEP_S = 0.5;

    /** @return FlashOfPlate|null null where it is not flashed */
    public static function of(PlateToPrint $plate, Deposit $deposit, bool $after, JobToPrint $job, Told $told): ?FlashOfPlate
    {
        $between = $deposit->laying === Laying::PrintFlashPrint;
        $curve = self::curve($deposit, $job, self::WARM_C);
        $dwell = $between || $after ? $curve->dwell() : null;
        if ($dwell === null) {
            return null;
        }
        $aim = $told->of('dwellS', $plate->byHand->dwellS, $dwell->aimS, 'gels the ink and does not cure it', 's', $job->press->flash->readings === 0 ? Told::TRADE : \sprintf('%d readings of this press', $job->press->flash->readings));
        $hot = $curve->heated($aim);
        $heats = [];
        for ($s = self::SHORTEST_S; $s <= self::LONGEST_S; $s += self::STEP_S) {
            $heats[] = new FlashAt($s, $curve->heated($s), $curve->does($s));
        }

        return new FlashOfPlate($between, $after, $aim, $dwell->fromS, is_finite($dwell->toS) ? $dwell->toS : null, $hot, coolS: $curve->untilCool($hot), does: $curve->does($aim), coldS: self::curve($deposit, $job, self::COLD_C)->dwell()?->aimS, heats: $heats);
    }

    /**
     * @param list<PressStation> $stations of one plate
     *
     * @return list<float> °C for each second: under the screen, under the flash, cooling
     */
    public static function way(PlateToPrint $plate, Deposit $deposit, array $stations, JobToPrint $job): array
    {
        $curve = self::curve($deposit, $job, self::WARM_C);
        $way = [];
        foreach ($stations as $station) {
            $way = [...$way, ...array_fill(0, max(1, (int) round(Rhythm::atScreen($station->strokes))), $curve->startC)];
            for ($s = 1; $s <= ceil($station->flashS); ++$s) {
                $way[] = $curve->heated(min($s, $station->flashS));
            }
            for ($s = 1; $s <= ceil($station->coolS); ++$s) {
                $way[] = $curve->cooled($curve->heated($station->flashS), min($s, $station->coolS));
            }
        }

        return $way;
    }

    private static function curve(Deposit $deposit, JobToPrint $job, float $startC): FlashCurve
    {
        $substrate = $job->cloth->substrate;

        return FlashCurve::of(
            $substrate === Substrate::Fleece ? self::OVER_FLEECE_MM : self::HEIGHT_MM,
            filmUm: self::STANDS * $deposit->wetUm / $deposit->laying->layers(),
            clothHeat: match ($substrate) {
                Substrate::Fleece => self::FLEECE,
                Substrate::Rigid => self::RIGID,
                default => 1.0,
            },
            startC: $startC,
            learnedS: $job->press->flash->readings === 0 ? null : FlashCurve::USUAL_S * $job->press->flash->times,
        );
    }
}
