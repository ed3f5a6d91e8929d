<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** When a screen is due and how late it comes, in minutes from the start of the plan. */
final readonly class Lateness
{
    /** @param float $whenPlannedMin how late it comes when the plan chooses */
    public function __construct(public float $dueMin, public float $lateMin, public float $whenPlannedMin)
    {
    }
}
