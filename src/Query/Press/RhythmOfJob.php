<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Shop\Press\PressKind;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\BaseStrokes;
use Ektype\Core\Press\CycleTime;
use Ektype\Core\Press\FlashCurve;
use Ektype\Core\Press\FlashLearned;
use Ektype\Core\Press\PressStation;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Press\Rhythm;

/** The rhythm of a job on its press, with the usual flash, or as this shop’s readings have it. */
final class RhythmOfJob
{
    private const HEIGHT_MM = 45.0;
    private const OVER_FLEECE_MM = 60.0;
    private const WATT_CM2 = 1.9;
    private const FLEECE = 1.4;
    /** Dwells up to this are told, s. */
    private const LONGEST_S = 16.0;
    private const RIGID = 2.0;
    /** Platens that have gone round a while, °C (heuristic). */
    private const WARM_C = 38.0;
    private const COLD_C = 22.0;
    /** A wet film is about this share of the mesh’s volume, and a base is two strokes of it (heuristic). */
    private const FILM_UM = ['base' => 90.0, 'colour' => 55.0];

    public static function of(ScreenBook $book): ?RunRhythm
    {
        $job = $book->job;
        $steps = $book->steps();
        if ($steps === [] || $job->press === null || $job->substrate === Substrate::Paper) {
            return null;
        }
        $learned = FlashLearned::of($job->press->flashTimes);
        $curve = static fn (PrintStep $step, float $startC): FlashCurve => FlashCurve::of(
            $job->substrate === Substrate::Fleece ? self::OVER_FLEECE_MM : self::HEIGHT_MM,
            self::WATT_CM2,
            self::FILM_UM[$book->plates[$step->plate]->role === PlateRole::Base ? 'base' : 'colour'],
            match ($job->substrate) {
                Substrate::Fleece => self::FLEECE,
                Substrate::Rigid => self::RIGID,
                default => 1.0,
            },
            $startC,
            learnedS: $learned->readings === 0 ? null : FlashCurve::USUAL_S * $learned->times,
        );
        $curves = array_map(static fn (PrintStep $step): FlashCurve => $curve($step, self::WARM_C), $steps);
        $garment = Lab::of(Srgb::fromHex($job->garmentHex));
        $flashes = $stations = $warmth = [];
        foreach ($steps as $k => $step) {
            $plate = $book->plates[$step->plate];
            $base = BaseStrokes::of($plate->role, $garment, $job->substrate);
            $strokes = $base->strokes;
            $dwell = $step->flashAfter ? $curves[$k]->dwell() : null;
            $aim = $dwell->aimS ?? 0.0;
            $hot = $curves[$k]->heated($aim);
            $cool = $dwell === null ? 0.0 : $curves[$k]->untilCool($hot);
            if ($dwell !== null) {
                $flashes[] = new FlashOnRun($plate->name, $aim, $dwell->fromS, is_finite($dwell->toS) ? $dwell->toS : null, $hot, $cool, $curves[$k]->does($aim), self::heats($curves[$k]), $curve($step, self::COLD_C)->dwell()?->aimS);
            }
            $stations[] = new PressStation($plate->name, $strokes, $aim, $cool);
            if ($base->layers > 1) {
                // Print, flash, print: the second layer goes down on the first, cooled.
                $stations[] = new PressStation($plate->name.', second layer', 1, $aim, $cool);
            }
            $warmth = [...$warmth, ...self::way($curves[$k], CycleTime::SCREEN_S + CycleTime::STROKE_S * $strokes, $aim, $cool, $hot)];
        }
        $rhythm = Rhythm::of($stations, max(1, $job->press->platens), $job->press->kind === PressKind::Automatic, max(1, $job->quantity));

        return new RunRhythm($flashes, $warmth, FlashCurve::GELLED_C[0], FlashCurve::GELLED_C[1], FlashCurve::COOL_C, FlashCurve::SCORCH_C, $rhythm->secondsAPiece, $rhythm->piecesAnHour, $rhythm->hours, $rhythm->says, $rhythm->hands, $learned->readings);
    }

    /** @return list<FlashAt> */
    private static function heats(FlashCurve $curve): array
    {
        $heats = [];
        for ($s = 1.0; $s <= self::LONGEST_S; $s += 0.5) {
            $heats[] = new FlashAt($s, $curve->heated($s), $curve->does($s));
        }

        return $heats;
    }

    /** @return list<float> °C for each second: under the screen, under the flash, cooling */
    private static function way(FlashCurve $curve, float $printS, float $flashS, float $coolS, float $hotC): array
    {
        $way = array_fill(0, max(1, (int) round($printS)), $curve->startC);
        for ($s = 1; $s <= ceil($flashS); ++$s) {
            $way[] = $curve->heated(min($s, $flashS));
        }
        for ($s = 1; $s <= ceil($coolS); ++$s) {
            $way[] = $curve->cooled($hotC, min($s, $coolS));
        }

        return $way;
    }
}
