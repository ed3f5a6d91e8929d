<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\StepTest\StripTime;

/** A step test’s plan as a command tells it. */
final class PlanTold
{
    /** @return array<string, mixed> */
    public static function of(StepPlan $plan): array
    {
        $total = $plan->totalS();

        return [
            'increment_s' => $plan->incrementS,
            'first_s' => $plan->firstS,
            'strips' => \count($plan->strips),
            'total_s' => round($total, 4),
            'timetable' => array_map(static fn (StripTime $strip): array => [
                'strip' => $strip->strip,
                'covered_at_s' => round($strip->getsS, 4),
                'left_s' => round($total - $strip->getsS, 4),
                'gets_s' => round($strip->getsS, 4),
                'burns' => $strip->burns,
                'counts_as_s' => round($strip->countsAsS, 4),
            ], $plan->strips),
            'says' => $plan->says(),
        ];
    }
}
