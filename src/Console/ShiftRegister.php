<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\ShiftAsked;
use Ektype\Core\Press\Stretch;
use Ektype\Core\Registration\Drag;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<ShiftAsked> */
#[AsCommand('register:shift', 'Where an image lands by the stretch of its mesh and by drag, and how far to set the screen back (JSON in, JSON out)')]
final class ShiftRegister extends JsonCommand
{
    protected function reads(): string
    {
        return ShiftAsked::class;
    }

    protected function answer(object $asked): array
    {
        $near = $asked->centreFromEndMm - $asked->heightMm / 2;
        $far = $asked->centreFromEndMm + $asked->heightMm / 2;
        $lands = array_map(static fn (float $at): float => Stretch::landsOff($asked->freeMm, $asked->offContactMm, $at), [$near, $asked->centreFromEndMm, $far]);

        return [
            'stretch_mm' => ['near' => round($lands[0], 4), 'middle' => round($lands[1], 4), 'far' => round($lands[2], 4)],
            'grown_mm' => round($lands[2] - $lands[0], 4),
            'set_back_mm' => $asked->dragMm === null ? null : round(Drag::setBack($asked->dragMm, $asked->toFilms ? $asked->keyDragMm ?? $asked->dragMm : null), 4),
            'says' => $asked->toFilms
                ? 'Registered to films at rest: drag that all screens have cancels, only the difference to the key is set back.'
                : 'Registered to printed marks: each screen is set back by its own drag, against the stroke.',
        ];
    }
}
