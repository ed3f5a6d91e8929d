<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

/** When a job must begin so that it is done in time, and whether that can still be. */
final readonly class StartBy
{
    /**
     * @param float|null $pressMin  the latest minute at which it goes on a press; null where it is not due
     * @param float|null $screenMin the latest minute at which its screens are begun
     */
    private function __construct(public ?float $pressMin, public ?float $screenMin, public bool $canBe)
    {
    }

    /** @param float $screenWorkMin that its screens still take, one after the other */
    public static function of(DayJob $job, float $screenWorkMin, WorkWeek $week, float $nowMin): self
    {
        if ($job->dueMin === null) {
            return new self(null, null, true);
        }
        $press = $week->begins($job->dueMin, $job->workMin);
        $screens = $screenWorkMin <= 0 ? null : $week->begins($press, $screenWorkMin);

        return new self($press, $screens, $press >= $nowMin - 1e-9 && ($screens === null || $screens >= $nowMin - 1e-9) && $job->readyMin <= $press + 1e-9);
    }
}
