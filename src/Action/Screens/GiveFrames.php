<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Frame\BestFrames;

/** Gives all plates of a job their frames at once: the best set of like tension. Plates that are burned keep theirs. */
final readonly class GiveFrames implements Change
{
    public function __construct(private int $jobId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $set = BestFrames::of(
            $job,
            $shop->screens->frames->all(),
            $shop->plates->onFrames(),
            $shop->screens->stencils->onFrames(),
            $shop->light->darkRooms->ours()->rulingDivisor,
            $shop->now(),
        );
        if ($set->plates === []) {
            throw Refused::because('Every plate of the job is burned already: its frames stay as they are.');
        }
        if ($set->isEmpty()) {
            throw Refused::at('frames', implode(' ', $set->choice->missing));
        }
        $given = array_map($set->frameOf(...), array_keys($set->plates));
        // All are put down first: two plates may change places.
        foreach ($set->plates as $i => $plate) {
            if ($plate->frame !== $given[$i]) {
                GiveFrame::move($plate, null, $shop);
            }
        }
        $shop->settle();
        foreach ($set->plates as $i => $plate) {
            GiveFrame::move($plate, $given[$i], $shop);
        }

        return 'Frames for all plates of '.$job->name;
    }
}
