<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Job\Job;
use Ektype\Core\Separation\MethodName;

/** A job like another, to begin with: the same art, plan, garment and press; its plates are drawn anew. */
final readonly class CopyJob implements Change
{
    private const LONGEST = 120;

    public function __construct(private int $jobId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $of = $shop->jobs->get($this->jobId);
        $copy = new Job(
            mb_strimwidth($of->name.', again', 0, self::LONGEST, '…'),
            $of->garmentHex,
            $of->widthMm,
            clone $of->art,
            $shop->now(),
        );
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
        ] = [$of->acrossMm, $of->dropMm, $of->filmPrinter, $of->filmFormats, $of->stepWedge];
        [$copy->press, $copy->lamp, $copy->emulsion, $copy->care] = [$of->press, $of->lamp, $of->emulsion, $of->care];
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
        $shop->jobs->add($copy);

        return 'Copy of '.$of->name;
    }
}
