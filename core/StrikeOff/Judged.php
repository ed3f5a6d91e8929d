<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

/** What a strike-off is judged by before the run. */
enum Judged: string
{
    case Colour = 'colour';
    case Register = 'register';
    case Size = 'size';
    case Place = 'place on the garment';
    case Hand = 'hand';
    case Opacity = 'opacity';

    /** The stage to step back to where it is off. */
    public function stage(): string
    {
        return match ($this) {
            self::Colour, self::Hand, self::Opacity, self::Register, self::Place => 'press',
            self::Size => 'films',
        };
    }

    /** What is made again, the least first. */
    public function again(): string
    {
        return match ($this) {
            self::Colour => 'Step back to the ink: weigh in what its page advises and print one more. A mesh or a curve comes after that; each of them is a new screen.',
            self::Register => 'Step back to the readings: turn the knobs that they name and print one more.',
            self::Size => 'Step back to the films: measure one against its cross lengths and write the set anew. Films and screens are made again.',
            self::Place => 'Move the stop of the platen or the garment on it. Nothing is made again.',
            self::Hand => 'Less ink: one stroke fewer, a harder blade, or extender within its limit. A finer mesh is a new screen.',
            self::Opacity => 'Another stroke, or print, flash and print. A coarser mesh is a new screen.',
        };
    }
}
