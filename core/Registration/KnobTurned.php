<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/**
 * What turning one knob alone has shown: which way it pushes and how far a turn goes. The print moved by v(p) = t + θ J p; at
 * the contact that is v(c), and a turn of the clock moves the frame there by v(c) / turns.
 */
final class KnobTurned
{
    /** Less than this is the scatter of printing, mm (heuristic). */
    private const LEAST_MM = 0.1;

    /**
     * @param float                   $turns clockwise positive
     * @param non-empty-list<Reading> $moved how far the print has moved at its marks
     *
     * @throws UnusableKnob where nothing can be learned from it
     */
    public static function learned(Knob $knob, float $turns, array $moved): Knob
    {
        if (abs($turns) < 0.05) {
            throw UnusableKnob::at('turns', 'A knob that was not turned shows nothing. Turn it one full turn, print, and measure.');
        }
        $move = \count($moved) === 1 ? new RigidMove($moved[0]->offXMm, $moved[0]->offYMm, 0.0) : MisfitFit::rigid($moved);
        $x = ($move->xMm - $move->turnRad * $knob->at->yMm) / $turns;
        $y = ($move->yMm + $move->turnRad * $knob->at->xMm) / $turns;
        $across = abs($x) > abs($y);
        $step = $across ? $x : $y;
        if (abs($step * $turns) < self::LEAST_MM) {
            throw UnusableKnob::at('moved', \sprintf(
                'The print has hardly moved (%.2f mm at the knob), which printing scatters by anyway. Is the screen still locked? Unlock it, turn the knob, lock, and print again.',
                abs($step * $turns),
            ));
        }
        $way = $step > 0 ? 1.0 : -1.0;

        return new Knob($knob->name, $knob->at, $across ? new Point($way, 0) : new Point(0, $way), abs($step));
    }
}
