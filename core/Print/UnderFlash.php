<?php

declare(strict_types=1);

namespace Ektype\Core\Print;

use Ektype\Core\Flash\Dwell;
use Ektype\Core\Flash\FlashAt;
use Ektype\Core\Flash\FlashCurve;
use Ektype\Core\Flash\FlashUnit;
use Ektype\Core\Flash\FlashUnsure;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\Deposit;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\Rhythm;

/** How long plates stay under the flash and cool: by the flash unit, or as this shop’s readings have it. */
final class UnderFlash
{
    /** Platens that have gone round a while, and at the first piece, °C (heuristic). */
    private const WARM_C = 38.0;
    private const COLD_C = 22.0;
    /** Fibres hold a film of ink apart: it stands so many times as thick as its ink alone (heuristic). */
    private const STANDS = 2.4;
    /** Dwells from and up to this are told, s, in steps. */
    private const SHORTEST_S = 1.0;
    private const LONGEST_S = 16.0;
    private const STEP_S = 0.5;
    /** A flash so high or so slow lifts fibres before it gels (heuristic). */
    private const RAISES_MM = 75.0;
    private const RAISES_S = 12.0;

    /** @var array<string, FlashCurve> heat flows as it flows: the same film on the same cloth is reckoned once */
    private static array $known = [];

    /** @return FlashOfPlate|null null where it is not flashed */
    public static function of(PlateToPrint $plate, Deposit $deposit, bool $after, JobToPrint $job, Told $told): ?FlashOfPlate
    {
        $between = $deposit->laying === Laying::PrintFlashPrint;
        if (!$between && !$after) {
            return null;
        }
        $curve = self::curve($deposit, $job, self::WARM_C);
        // What never gels is given all the time that there is, and said so.
        $gels = $curve->dwell();
        $dwell = $gels ?? new Dwell(self::LONGEST_S, \INF, self::LONGEST_S, null);
        $flash = $job->press->flash;
        $source = $flash->readings === 0 ? Told::TRADE : \sprintf('%d readings of this press', $flash->readings);
        $aim = $told->of('dwellS', $plate->byHand->dwellS, $dwell->timerS(), \sprintf('gels the ink and does not cure it: %.1f W for each cm², %.0f mm over the print', $job->press->unit->wattCm2(), self::unit($job)->heightMm), 's', $source);
        $heats = [];
        for ($s = self::SHORTEST_S; $s <= self::LONGEST_S; $s += self::STEP_S) {
            $heats[] = new FlashAt($s, $curve->heated($s), $curve->does($s));
        }
        // Twice as slow a flash takes about twice as long: the heat that a film needs does not change.
        $sure = new FlashUnsure($dwell->middleS / $flash->reach, $dwell->middleS * $flash->reach);

        return new FlashOfPlate($between, $after, $aim, $dwell->fromS, is_finite($dwell->toS) ? $dwell->toS : null, $curve->heated($aim), coolS: $curve->untilCool($aim), does: $curve->does($aim), coldS: self::curve($deposit, $job, self::COLD_C)->dwell()?->timerS(), heats: $heats, unsure: $sure, says: [...$gels === null ? ['This flash never gels this film: hang it lower, take a stronger one, or lay less ink.'] : [], ...self::says($job, $aim)]);
    }

    /** @return list<string> */
    private static function says(JobToPrint $job, float $aim): array
    {
        $fleece = $job->cloth->substrate === Substrate::Fleece;

        return [
            ...self::unit($job)->heightMm > self::RAISES_MM || $aim > self::RAISES_S ? ['A high, slow flash lifts the fibres before it gels the ink: hang it lower, or take a stronger one.'] : [],
            ...$fleece ? ['Fleece can burn: hang the flash higher than over a tee, and never leave a garment under it.'] : [],
        ];
    }

    /**
     * @param list<PressStation> $stations of one plate
     *
     * @return list<float> °C for each second: under the screen, under the flash, cooling
     */
    public static function way(PlateToPrint $plate, Deposit $deposit, array $stations, JobToPrint $job): array
    {
        $way = [];
        foreach ($stations as $station) {
            $way = [...$way, ...array_fill(0, max(1, (int) round(Rhythm::atScreen($station->strokes))), self::WARM_C)];
            $curve = $station->flashS > 0 ? self::curve($deposit, $job, self::WARM_C) : null;
            for ($s = 1; $curve !== null && $s <= ceil($station->flashS); ++$s) {
                $way[] = $curve->heated(min($s, $station->flashS));
            }
            for ($s = 1; $curve !== null && $s <= ceil($station->coolS); ++$s) {
                $way[] = $curve->cooled($station->flashS, min($s, $station->coolS));
            }
        }

        return $way;
    }

    private static function unit(JobToPrint $job): FlashUnit
    {
        return $job->press->unit->over($job->cloth->substrate);
    }

    private static function curve(Deposit $deposit, JobToPrint $job, float $startC): FlashCurve
    {
        $film = round(self::STANDS * $deposit->wetUm / $deposit->laying->layers(), 1);
        $key = serialize([self::unit($job), $film, $job->cloth->substrate, $startC, round($job->press->flash->times, 4)]);

        return self::$known[$key] ??= new FlashCurve(self::unit($job), $film, Underlay::of($job->cloth->substrate), $startC, times: $job->press->flash->times);
    }
}
