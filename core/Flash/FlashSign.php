<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** How the ink is right after the flash: by a probe, or by a finger. */
enum FlashSign: string
{
    case Probe = 'probe';
    /** It comes off on the finger. */
    case Wet = 'wet';
    /** Dry to a light touch, a little tacky. */
    case Gelled = 'gelled';
    /** Hard and slick. */
    case Slick = 'slick';

    /** °C of the surface at which a finger feels so: the lower or upper end of what is gelled, or its middle. */
    public function celsius(): float
    {
        [$from, $to] = FlashCurve::GELLED_C;

        return match ($this) {
            self::Wet => $from,
            self::Slick => $to,
            default => ($from + $to) / 2,
        };
    }
}
