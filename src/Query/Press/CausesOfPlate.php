<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Print\Standing;
use Ektype\Core\Registration\Cause;
use Ektype\Core\Registration\Causes;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\PlateEvidence;
use Ektype\Core\Registration\Readings;

/** What may have left the misfit of a plate that turning does not mend. */
final class CausesOfPlate
{
    /** Turns moved the frame as told where its turn and its shift across came within this, mm (heuristic). */
    private const AS_TOLD_MM = 0.12;

    /** @return list<Cause> */
    public static function of(ScreenBook $book, int $i, Standing $screen, Snapshot $shop): array
    {
        $plate = $book->plates[$i];
        $job = $book->job;
        if ($i === 0 || $plate->readings() === [] || $plate->wasReadOfAnother()) {
            return [];
        }
        $grew = [];
        foreach ($book->plates as $k => $other) {
            if ($k === 0 || $k === $i || $other->readings() === []) {
                continue;
            }
            $growth = MisfitFit::of(new Readings($other->readings()))->growth->yPct;
            if ($growth !== null) {
                $grew[] = $growth;
            }
        }

        return Causes::of(new PlateEvidence(
            $plate->name,
            $plate->readings(),
            $plate->readPlatens(),
            $plate->frame?->tensionNPerCm,
            $book->plates[0]->frame?->tensionNPerCm,
            $screen->landsFarMm - $screen->landsNearMm,
            heightMm: $job->heightMm(),
            widthMm: $job->widthMm,
            printerPct: $job->filmProfile()->scaleErrorYPct,
            othersGrew: $grew,
            cameBack: self::cameBack($plate, $shop->shelves->light->corrections->latestOf($plate)),
        ));
    }

    /** Shift along the stroke that was there again although the frame moved across as told. */
    private static function cameBack(Plate $plate, ?Correction $turned): ?float
    {
        $after = $turned?->after();
        if ($turned === null || $after === null) {
            return null;
        }
        $before = $turned->before();

        return abs($after->xMm) < self::AS_TOLD_MM && $after->yMm * $before->yMm > 0 && abs($after->yMm) > self::AS_TOLD_MM ? $after->yMm : null;
    }
}
