<?php

declare(strict_types=1);

namespace Ektype\App\Query\Days;

/** The days of all open jobs, on all presses. */
final readonly class DaysBench
{
    /**
     * @param string            $starts   the day from whose midnight minutes are counted
     * @param list<PressInDays> $presses
     * @param list<JobInDays>   $jobs     in the order in which they get their turn
     * @param list<int>         $rests    days of the plan on which nobody works
     * @param float             $firstMin lateness in all if they came as they came in
     * @param list<string>      $says     what to begin today, what cannot be in time, what moves
     */
    public function __construct(
        public string $starts,
        public float $nowMin,
        public float $opensMin,
        public float $closesMin,
        public array $presses,
        public array $jobs,
        public array $rests,
        public float $lateMin,
        public float $firstMin,
        public bool $byHand,
        public array $says,
    ) {
    }
}
