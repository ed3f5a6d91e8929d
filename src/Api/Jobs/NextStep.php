<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Task\Task;

/** Finds the first thing that holds the job up. */
final class NextStep
{
    /** @param list<PlateView> $plates in print order */
    public static function of(Job $job, array $plates, ?Task $task): NextStepView
    {
        if ($task !== null && \in_array($task->state, ['waiting', 'working'], true)) {
            return $task->kind === 'films'
                ? new NextStepView('films', 'The films are being written.', 'See the films', 'go', null)
                : new NextStepView('art', 'The art is being separated.', 'See the art', 'go', null);
        }
        if (!$job->separationIsCurrent()) {
            return new NextStepView('art', $job->separationPath === null ? 'Separate the art into plates.' : 'The art or the garment has changed since the plates were drawn.', $job->separationPath === null ? 'Separate' : 'Separate again', 'separate', null);
        }
        if (!$job->filmsAreCurrent()) {
            return new NextStepView('films', $job->filmsPath === null ? \sprintf('Write the films of %d plates.', \count($plates)) : 'The plates have changed since the films were written.', $job->filmsPath === null ? 'Write the films' : 'Write them again', 'films', null);
        }
        foreach ($plates as $plate) {
            if ($plate->frameId === null || $plate->stages['screens'] === 'out') {
                return new NextStepView('screens', $plate->frameId === null ? \sprintf('Choose a frame for %s.', $plate->name) : \sprintf('Frame %s does not suit %s.', $plate->frameLabel, $plate->name), 'Choose', 'go', $plate->id);
            }
        }
        foreach ($plates as $plate) {
            if ($plate->frameFirst !== []) {
                return new NextStepView('screens', self::first($plate), match ($plate->frameFirst[0]) {
                    'reclaim' => 'See the frame',
                    'stretch' => 'Choose another',
                    default => 'See how',
                }, 'go', $plate->id);
            }
        }
        foreach ($plates as $plate) {
            if ($plate->stages['light'] === 'open' && $plate->stencilNow !== null && $plate->stencilNow->dampForMin > 0) {
                return new NextStepView('light', $plate->stencilNow->mind, 'See the light', 'go', $plate->id);
            }
            if ($plate->stages['light'] === 'open') {
                return new NextStepView('light', \sprintf('Burn frame %s for %s.', $plate->frameLabel, $plate->name), \sprintf('%s on the %s', self::seconds($plate->light->value), $job->lamp === null ? 'lamp' : self::shortLamp($job->lamp->name)), 'go', $plate->id);
            }
        }
        foreach ($plates as $plate) {
            if ($plate->sinkCheck === null) {
                return new NextStepView('light', \sprintf('Wash out frame %s and look at %s against the light.', $plate->frameLabel, $plate->name), 'At the sink', 'go', $plate->id);
            }
            if (!$plate->sinkCheck->canPrint) {
                return new NextStepView('light', \sprintf('The screen of %s cannot go to the press: make it again.', $plate->name), 'See why', 'go', $plate->id);
            }
        }
        foreach ($plates as $plate) {
            if ($plate->stages['press'] !== 'ready') {
                return $plate->register === null
                    ? new NextStepView('press', \sprintf('Print a strike-off and read %s at the marks.', $plate->name), 'Read the marks', 'go', $plate->id)
                    : new NextStepView('press', \sprintf('%s is %.2f mm out of register.', $plate->name, $plate->register->nowMaxMm), 'Turn the knobs', 'go', $plate->id);
            }
        }

        return new NextStepView('press', 'All plates are in register: print.', 'See the press', 'go', null);
    }

    private static function first(PlateView $plate): string
    {
        return match ($plate->frameFirst[0]) {
            'reclaim' => \sprintf('Reclaim frame %s, then coat it for %s.', $plate->frameLabel, $plate->name),
            'stretch' => \sprintf('Frame %s needs new mesh before it can hold %s.', $plate->frameLabel, $plate->name),
            default => \sprintf('Coat frame %s for %s: %s.', $plate->frameLabel, $plate->name, $plate->coat->words),
        };
    }

    private static function seconds(?float $s): string
    {
        return match (true) {
            $s === null => 'Light',
            $s < 90 => \sprintf('%.0f s', $s),
            default => \sprintf('%d min %02d s', intdiv((int) round($s), 60), (int) round($s) % 60),
        };
    }

    private static function shortLamp(string $name): string
    {
        return mb_strlen($name) > 14 ? 'lamp' : $name;
    }
}
