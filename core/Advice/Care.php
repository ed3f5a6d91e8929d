<?php

declare(strict_types=1);

namespace Ektype\Core\Advice;

/** How much care a job is worth: it says how far a print may be from its art. */
enum Care: string
{
    /** Held beside the first one: a repeat order. */
    case SideBySide = 'side by side';
    case Usual = 'usual';
    case Giveaway = 'giveaway';

    /** Mean ΔE00 that passes (heuristic). */
    public function passes(): float
    {
        return match ($this) {
            self::SideBySide => 2.5,
            self::Usual => 4.0,
            self::Giveaway => 7.0,
        };
    }
}
