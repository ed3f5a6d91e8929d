<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** Sheets that were drawn by hand and are laid on the screens themselves, in place of films. */
final class DrawnSheets
{
    /** As exposure knows them. */
    public const UNDER_LIGHT = 'drawn sheet';

    /**
     * What is done with them before they are burned.
     *
     * @param list<Positive> $sheets
     *
     * @return list<string> plain sentences; none where none was drawn
     */
    public static function says(array $sheets): array
    {
        if ($sheets === []) {
            return [];
        }
        $says = ['Hold each sheet against the light: where you see through its black, the lamp does too.'];
        foreach ($sheets as $sheet) {
            $spots = \count($sheet->weak);
            if ($spots > 0) {
                $says[] = \sprintf('%s has %d weak %s: the largest %.0f mm from the left and %.0f mm from the top of its sheet. Touch %s up with opaque ink first.', $sheet->name, $spots, $spots === 1 ? 'spot' : 'spots', $sheet->weak[0]->xMm, $sheet->weak[0]->yMm, $spots === 1 ? 'it' : 'them');
            }
            if ($sheet->marks < 2) {
                $says[] = \sprintf('%s has %s: it cannot be brought to the others. Draw marks at top and bottom centre, at the same places on all sheets.', $sheet->name, $sheet->marks === 0 ? 'no marks' : 'one mark');
            }
        }

        return [...$says, 'Lay it with the drawn side to the stencil, as it reads. What was drawn prints at the size of the sheet: the films of this set show that size, so write them and hold the sheets against them.'];
    }
}
