<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** One step of one screen, in minutes from the start of the plan. */
final readonly class PlannedStep
{
    /** @param string $step coat, dry, expose, wash, redry or tape */
    public function __construct(public string $screen, public string $step, public float $fromMin, public float $toMin)
    {
    }
}
