<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Shop\Job\Job;
use Ektype\Core\Separation\MethodName;

/** A job like another: the same art, plans, garment and tools; not its plates. */
final class JobLike
{
    private const LONGEST = 120;

    public static function of(Job $of, string $name, \DateTimeImmutable $now): Job
    {
        $copy = new Job(mb_strimwidth($name, 0, self::LONGEST, '…'), $of->garmentHex, $of->widthMm, clone $of->art, $now);
        [
            $copy->customer,
            $copy->substrate,
            $copy->garment,
            $copy->garmentName,
            $copy->quantity,
            $copy->place,
        ] = [$of->customer, $of->substrate, $of->garment, $of->garmentName, $of->quantity, $of->place];
        [
            $copy->acrossMm,
            $copy->dropMm,
            $copy->filmPrinter,
            $copy->filmFormats,
            $copy->stepWedge,
            $copy->filmMirrored,
            $copy->filmNegative,
            $copy->filmCopies,
        ] = [$of->acrossMm, $of->dropMm, $of->filmPrinter, $of->filmFormats, $of->stepWedge, $of->filmMirrored, $of->filmNegative, $of->filmCopies];
        [$copy->press, $copy->lamp, $copy->emulsion, $copy->care] = [$of->press, $of->lamp, $of->emulsion, $of->care];
        $copy->onPress = $of->onPress->same();
        [$copy->oneTime, $copy->withoutFilm, $copy->drawnSheets] = [$of->oneTime, $of->withoutFilm, $of->drawnSheets];
        $copy->notes = $of->notes;
        $copy->orders($of->lines());
        $copy->frame($of->framing());
        foreach (MethodName::cases() as $method) {
            $plan = $of->planOf($method);
            if ($plan !== null) {
                $copy->decide($plan);
            }
        }
        if ($of->method() !== null) {
            $copy->follow($of->plan());
        }
        if ($of->toleranceSet) {
            [$copy->toleranceMm, $copy->toleranceSet] = [$of->toleranceMm, true];
        }

        return $copy;
    }
}
