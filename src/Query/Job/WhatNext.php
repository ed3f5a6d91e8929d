<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\Core\Exposure\TimerSetting;

/** Finds the first thing that holds a job up. */
final class WhatNext
{
    private const LONG_NAME = 14;

    /** @param list<PlateStanding> $plates in print order */
    public static function of(Job $job, array $plates, ?Task $task): NextStep
    {
        if ($job->finishedOn !== null) {
            return new NextStep('after', 'It is printed and put away.', 'See its record', look: Look::Record);
        }

        return self::working($task) ?? self::files(
            $job,
            \count($plates),
        ) ?? self::frames($plates) ?? self::light($job, $plates) ?? self::sink($plates) ?? self::press($plates)
            ?? ($job->approval()?->approved === true ? new NextStep('run', 'The strike-off is approved: print, and count.', 'Count', look: Look::Count) : null)
            ?? new NextStep('press', \count($plates) === 1 ? 'The screen is made: set up and print.' : 'All plates are in register: print.', 'See the press', look: Look::SetUp);
    }

    private static function working(?Task $task): ?NextStep
    {
        return match (true) {
            $task === null || !$task->state->isOpen() => null,
            $task->kind === TaskKind::Films => new NextStep('films', 'The films are being written.', 'See the films'),
            default => new NextStep('art', 'The art is being separated.', 'See the art'),
        };
    }

    private static function files(Job $job, int $plates): ?NextStep
    {
        return match (true) {
            $job->separationPath === null => new NextStep('art', 'Separate the art into plates.', 'Separate', Does::Separate),
            !$job->separationIsCurrent() => new NextStep(
                'art',
                'The art or the garment has changed since the plates were drawn.',
                'Separate again',
                Does::Separate,
            ),
            $job->filmsPath === null => new NextStep(
                'films',
                $plates === 1 ? 'Write the film of the plate.' : \sprintf('Write the films of %d plates.', $plates),
                $plates === 1 ? 'Write the film' : 'Write the films',
                Does::Films,
            ),
            !$job->filmsAreCurrent() => new NextStep(
                'films',
                'The plates have changed since the films were written.',
                'Write them again',
                Does::Films,
            ),
            default => null,
        };
    }

    /** @param list<PlateStanding> $plates */
    private static function frames(array $plates): ?NextStep
    {
        foreach ($plates as $one) {
            if ($one->plate->frame === null) {
                return new NextStep(
                    'screens',
                    \sprintf('Choose a frame for %s.', $one->plate->name),
                    'Choose',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::Frame,
                );
            }
            // A frame that suits badly may be taken all the same: once it is coated for the plate, what comes after is next.
            if ($one->unsuited !== '' && $one->first !== []) {
                return new NextStep(
                    'screens',
                    \sprintf(
                        'Frame %s suits %s badly: %s. Choose another, or go on with it: %s it.',
                        $one->plate->frame->label,
                        $one->plate->name,
                        $one->unsuited,
                        $one->first[0],
                    ),
                    'Choose',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::Frame,
                );
            }
        }
        foreach ($plates as $one) {
            if ($one->oldPicture) {
                return new NextStep(
                    'light',
                    \sprintf('Frame %s carries the old picture of %s: make its screen again.', self::frame($one), $one->plate->name),
                    'See the screen',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::Burn,
                );
            }
        }
        foreach ($plates as $one) {
            if ($one->first !== []) {
                [$sentence, $button] = match ($one->first[0]) {
                    'reclaim' => [
                        \sprintf('Reclaim frame %s, then coat it for %s.', self::frame($one), $one->plate->name),
                        'See the frame',
                    ],
                    'stretch' => [
                        \sprintf('Frame %s needs new mesh before it can hold %s.', self::frame($one), $one->plate->name),
                        'Choose another',
                    ],
                    default => [\sprintf('Coat frame %s for %s: %s.', self::frame($one), $one->plate->name, $one->coatWords), 'See how'],
                };

                return new NextStep('screens', $sentence, $button, Does::Go, $one->plate->idOrFail(), $button === 'See how' ? Look::Stencil : Look::Frame);
            }
        }

        return null;
    }

    /** @param list<PlateStanding> $plates */
    private static function light(Job $job, array $plates): ?NextStep
    {
        foreach ($plates as $one) {
            if ($one->burnedSeconds === null) {
                return $one->stencil !== null && $one->stencil->dampForMin > 0
                    ? new NextStep('light', $one->stencil->mind, 'See the light', Does::Go, $one->plate->idOrFail(), Look::Burn)
                    : new NextStep(
                        'light',
                        \sprintf('Burn frame %s for %s.', self::frame($one), $one->plate->name),
                        \sprintf('%s on the %s', self::seconds($one->light->value), self::lamp($job)),
                        Does::Go,
                        $one->plate->idOrFail(),
                        Look::Burn,
                    );
            }
        }

        return null;
    }

    /** @param list<PlateStanding> $plates */
    private static function sink(array $plates): ?NextStep
    {
        foreach ($plates as $one) {
            if ($one->seen === null) {
                return new NextStep(
                    'light',
                    \sprintf('Wash out frame %s and look at %s against the light.', self::frame($one), $one->plate->name),
                    'At the sink',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::Sink,
                );
            }
            if (!$one->seen->canPrint) {
                return new NextStep(
                    'light',
                    \sprintf('The screen of %s cannot go to the press: make it again.', $one->plate->name),
                    'See why',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::Sink,
                );
            }
        }

        return null;
    }

    /**
     * What one print has shown is turned on all plates before the next is printed.
     *
     * @param list<PlateStanding> $plates
     */
    private static function press(array $plates): ?NextStep
    {
        $others = \array_slice($plates, 1);
        foreach ($others as $one) {
            if ($one->register?->inRegister === false) {
                return new NextStep(
                    'press',
                    \sprintf('%s was %.2f mm out on the last print.', $one->plate->name, $one->register->nowMaxMm),
                    'Turn the knobs',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::StrikeOff,
                );
            }
        }
        foreach ($others as $one) {
            if ($one->register === null) {
                return new NextStep(
                    'press',
                    \sprintf('Print a strike-off and read %s at the marks.', $one->plate->name),
                    'Read the marks',
                    Does::Go,
                    $one->plate->idOrFail(),
                    Look::StrikeOff,
                );
            }
        }

        return null;
    }

    private static function frame(PlateStanding $one): string
    {
        return $one->plate->frame->label ?? '';
    }

    private static function lamp(Job $job): string
    {
        return $job->lamp === null || mb_strlen($job->lamp->name) > self::LONG_NAME ? 'lamp' : $job->lamp->name;
    }

    private static function seconds(?float $s): string
    {
        return $s === null ? 'Light' : TimerSetting::words($s);
    }
}
