<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Given;
use Ektype\Core\Unit\Refusal;

/** Reads knobs and readings as they are written down: names, places and millimetres. */
final class ReadingSheet
{
    /** A misfit larger than this is no misfit but another place or unit, mm. */
    private const LARGEST_OFF_MM = 50.0;
    private const FARTHEST_MM = 3000.0;

    /** @return list<Knob> */
    public static function knobs(Given $press): array
    {
        $knobs = [];
        foreach ($press->objects('knobs', true) as $knob) {
            $pushes = $knob->pair('pushes', 'any length');
            $step = $knob->number('mm_per_turn', -100, 100, 'mm');
            if (hypot(...$pushes) < 1e-9) {
                throw Refusal::at($knob->pathOf('pushes'), 'The knob pushes nowhere, [0, 0]. Give the direction in which a turn moves the frame.');
            }
            if (abs($step) < 1e-6) {
                throw Refusal::at($knob->pathOf('mm_per_turn'), 'The knob moves the frame by 0 mm a turn, so no number of turns mends anything. Measure how far one turn moves it.');
            }
            $knobs[] = new Knob($knob->text('name', 60), $knob->pair('at_mm', 'mm', self::FARTHEST_MM), $pushes, $step);
        }

        return $knobs;
    }

    public static function readings(Given $given): Readings
    {
        $prints = [];
        foreach ($given->objects('prints') as $print) {
            $readings = [];
            foreach ($print->objects('readings') as $reading) {
                $at = $reading->pair('at_mm', 'mm', self::FARTHEST_MM);
                $off = $reading->pair('off_mm', 'mm', self::LARGEST_OFF_MM);
                $readings[] = new Reading($reading->has('mark') ? $reading->text('mark', 60) : \sprintf('%.1f, %.1f', $at[0], $at[1]), $at[0], $at[1], $off[0], $off[1]);
            }
            if ($readings !== []) {
                $prints[] = $readings;
            }
        }

        return new Readings($prints);
    }
}
