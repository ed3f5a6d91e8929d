<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Separation\Plan;

/** The choices made for a picture in tones: what is done to it, and the dots that carry it. */
interface TonalPlan extends Plan
{
    public function work(): ToneWork;

    public function dots(): PlannedDots;
}
