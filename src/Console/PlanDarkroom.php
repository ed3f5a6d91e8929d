<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Darkroom\PlannedStep;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;
use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('darkroom:plan', 'A sequence of coating, drying, burning and washing that meets the due times (JSON in, JSON out)')]
final class PlanDarkroom extends JsonCommand
{
    protected function answer(Given $given): array
    {
        [$opens, $closes] = $given->has('open_h') ? $given->pair('open_h', 'h') : [8.0, 18.0];
        $room = new Darkroom($given->has('drying_places') ? $given->whole('drying_places', 0, 500) : 8, 60 * $opens, 60 * $closes, 60 * ($given->numberOr('starts_h', $opens, 0, 24, 'h') ?? $opens));
        $names = [];
        $screens = [];
        foreach ($given->objects('screens') as $s) {
            $name = $s->text('name', 60);
            if (isset($names[$name])) {
                throw Refusal::at($s->pathOf('name'), \sprintf('Two screens are called “%s”. Give each its own name.', $name));
            }
            $names[$name] = true;
            $due = $s->number('due_min', unit: 'min');
            $ready = $s->numberOr('ready_min', 0.0, 0, 100_000, 'min') ?? 0.0;
            if ($due < $ready) {
                throw Refusal::at($s->pathOf('due_min'), \sprintf('%s is due before it can begin (%.0f min, ready at %.0f). Check the dates.', $name, $due, $ready));
            }
            $screens[] = new ScreenWork($name, $s->textOr('job', ''), $s->textOr('lamp', 'lamp'), $s->number('coat_min', 0, 600, 'min'), $s->number('dry_min', 0, 10_000, 'min'), $s->number('expose_min', 0, 600, 'min'), $s->number('wash_min', 0, 600, 'min'), $s->number('redry_min', 0, 10_000, 'min'), $s->number('tape_min', 0, 600, 'min'), $due, $ready);
        }
        $plan = Planner::plan($screens, $room);

        return [
            'sequence' => array_map(static fn (ScreenWork $s): string => $s->name, $plan->order),
            'steps' => array_map(static fn (PlannedStep $s): array => ['screen' => $s->screen, 'step' => $s->step, 'from_min' => round($s->fromMin, 2), 'to_min' => round($s->toMin, 2)], $plan->steps),
            'late_min' => (object) array_map(static fn (float $late): float => round($late, 2), $plan->late),
            'lateness_min' => round($plan->lateness, 2),
            'first_come_lateness_min' => round(Timetable::of($screens, $room)->lateness, 2),
            'ends_min' => round($plan->endsMin, 2),
        ];
    }
}
