<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Unit\Point;

/** A micro-register knob: it pushes the frame at its contact along its direction, so many mm a turn. */
final readonly class Knob
{
    private const LEAST_PUSH = 1e-9;
    /** Less than this a turn no hand could set a frame by, mm. */
    private const LEAST_STEP_MM = 0.01;

    /**
     * @param Point $at     contact, from the centre of the print
     * @param Point $pushes direction of a positive turn; any length, used as a unit vector
     *
     * @throws UnusableKnob where it pushes nowhere
     */
    public function __construct(public string $name, public Point $at, public Point $pushes, public float $mmPerTurn)
    {
        if ($pushes->length() < self::LEAST_PUSH) {
            throw UnusableKnob::at('pushes', 'The knob pushes nowhere, [0, 0]. Give the direction in which a turn moves the frame.');
        }
        if (abs($mmPerTurn) < self::LEAST_STEP_MM) {
            throw UnusableKnob::at(
                'mmPerTurn',
                \sprintf('The knob moves the frame by %s mm a turn, so no number of turns that a hand makes mends anything; 0.5 to 2 mm is usual. Measure how far one turn moves it.', rtrim(rtrim(\sprintf('%.6F', abs($mmPerTurn)), '0'), '.')),
            );
        }
    }

    public function unit(): Point
    {
        $length = $this->pushes->length();

        return new Point($this->pushes->xMm / $length, $this->pushes->yMm / $length);
    }
}
