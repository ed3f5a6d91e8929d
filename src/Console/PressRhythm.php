<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\RhythmAsked;
use Ektype\Core\Press\Rhythm;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<RhythmAsked> */
#[AsCommand('press:rhythm', 'Cycle time, pieces an hour, where it waits and how long the run takes (JSON in, JSON out)')]
final class PressRhythm extends JsonCommand
{
    protected function reads(): string
    {
        return RhythmAsked::class;
    }

    protected function answer(object $asked): array
    {
        $rhythm = Rhythm::of($asked->stations(), $asked->platens, $asked->automatic, $asked->pieces);

        return [
            'seconds_a_piece' => round($rhythm->secondsAPiece, 2),
            'pieces_an_hour' => round($rhythm->piecesAnHour, 1),
            'hours' => round($rhythm->hours, 3),
            'waits_at' => $rhythm->waitsAt,
            'hands' => $rhythm->hands,
            'says' => $rhythm->says,
        ];
    }
}
