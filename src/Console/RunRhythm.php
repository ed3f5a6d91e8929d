<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\RunAsked;
use Ektype\Core\Run\RunCount;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\Run\RunLine;
use Ektype\Core\Run\RunOrder;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<RunAsked> */
#[AsCommand('run:rhythm', 'The pace of a run against what was reckoned, and when it is done (JSON in, JSON out)')]
final class RunRhythm extends JsonCommand
{
    protected function reads(): string
    {
        return RunAsked::class;
    }

    protected function answer(object $asked): array
    {
        $events = [];
        foreach ($asked->pieces as $i => $piece) {
            $events[] = new RunEvent((string) $i, (int) round(1000 * $piece->atS), $piece->kind, pieces: $piece->pieces);
        }
        $count = RunCount::of(new RunOrder([new RunLine('pieces', ['' => $asked->ordered])], [], $asked->reckonedS, 24), $events, (int) round(1000 * $asked->nowS));

        return [
            'good' => $count->good,
            'misprints' => $count->misprints,
            'seconds' => round($count->goes->pace->seconds, 2),
            'seconds_low' => round($count->goes->pace->low, 2),
            'seconds_high' => round($count->goes->pace->high, 2),
            'ahead' => $count->goes->ahead,
            'done_s' => $count->goes->doneMs === null ? null : round($count->goes->doneMs / 1000, 1),
            'says' => $count->says,
        ];
    }
}
