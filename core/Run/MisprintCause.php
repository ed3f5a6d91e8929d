<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

/** Why a piece is no good, in the words of the press. */
enum MisprintCause: string
{
    case OutOfRegister = 'out of register';
    case Smeared = 'smeared';
    case PinHole = 'pin hole';
    case Lint = 'lint or fibre';
    case InkThin = 'ink too thin';
    case PickUp = 'pick-up';
    case Creased = 'creased or loaded crooked';
    case Scorched = 'scorched';
    case Garment = 'fault of the garment';
    case Other = 'something else';

    /** What to look at first when it comes again. */
    public function look(): string
    {
        return match ($this) {
            self::OutOfRegister => 'Read a strike-off: a knob may have worked loose, or the garment slips on its tack.',
            self::Smeared => 'Look at off-contact and at the back of the screens for wet ink.',
            self::PinHole => 'Hold the screen against the light and tape or touch up the hole.',
            self::Lint => 'Roll the lint off the garments and wipe the stencil from below.',
            self::InkThin => 'Look at the ink on the screen and at the flood stroke.',
            self::PickUp => 'The ink below is still wet: flash it longer, or let it cool before the next screen.',
            self::Creased => 'Load by the guide, flat, with fresh tack.',
            self::Scorched => 'Raise the flash or shorten it, and look at the belt of the dryer.',
            self::Garment => 'Sort the pile before loading and set the faulty ones aside.',
            self::Other => 'Write down what it was: the next run begins with it.',
        };
    }
}
