<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

/** A job with its time on a press. */
final readonly class JobOnDays
{
    /** @param float $lateMin after it is due; 0 where it is in time */
    public function __construct(public DayJob $job, public int $press, public float $startMin, public float $endMin, public float $lateMin)
    {
    }
}
