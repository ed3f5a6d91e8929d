<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\GainAsked;
use Ektype\Core\Halftone\PressGain;
use Ektype\Core\Halftone\PrintedTone;
use Ektype\Core\Halftone\ReadTone;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<GainAsked> */
#[AsCommand('gain:read', 'The curve of a press from the patches of a printed chart, and the film that undoes it (JSON in, JSON out)')]
final class ReadGain extends JsonCommand
{
    protected function reads(): string
    {
        return GainAsked::class;
    }

    protected function answer(object $asked): array
    {
        $gain = new PressGain($asked->tones());

        return [
            'curve' => array_map(static fn (int $pct): array => self::told($gain->at($pct / 100)), range(10, 90, 10)),
            'gain_at_half_pct' => round(100 * ($gain->at(0.5)->printed - 0.5), 2),
            // As --curve of tone:screen and art:separate reads it.
            'points' => array_map(static fn (int $pct): array => [(float) $pct, round(100 * $gain->film($pct / 100), 2)], range(5, 95, 5)),
            'scatter_pct' => round(100 * $gain->scatter, 2),
            'rests_on' => $gain->restsOn,
            'says' => array_map(static fn (ReadTone $w): string => \sprintf('The reading of %.0f %%, printed %.0f %%, does not fit the others, which say %.0f %%: it was left out. Read that patch again.', 100 * $w->film, 100 * $w->printed, 100 * $gain->at($w->film)->printed), $gain->wild),
        ];
    }

    /** @return array<string, float> */
    private static function told(PrintedTone $tone): array
    {
        return [
            'tone' => round(100 * $tone->film, 1),
            'printed' => round(100 * $tone->printed, 2),
            'low' => round(100 * $tone->low, 2),
            'high' => round(100 * $tone->high, 2),
        ];
    }
}
