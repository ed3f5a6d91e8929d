<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\StepPlanAsked;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<StepPlanAsked> */
#[AsCommand('steptest:plan', 'The strips of a step test and its timetable, around an expected time or in given steps (JSON in, JSON out)')]
final class PlanStepTest extends JsonCommand
{
    protected function reads(): string
    {
        return StepPlanAsked::class;
    }

    protected function answer(object $asked): array
    {
        return PlanTold::of($asked->plan());
    }
}
