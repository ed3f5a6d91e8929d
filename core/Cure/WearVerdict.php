<?php

declare(strict_types=1);

namespace Ektype\Core\Cure;

/** What a print did when it was stretched or washed, or as it came off the belt. */
enum WearVerdict: string
{
    case Held = 'held';
    case Cracked = 'cracked';
    case WashedOff = 'washed off';
    case Scorched = 'scorched';
    case DyeCame = 'dye came through';
    case Ghosted = 'ghosted in the stack';

    /** Whether it had too little heat. */
    public function isUnder(): bool
    {
        return $this === self::Cracked || $this === self::WashedOff;
    }

    /** Whether it had too much. */
    public function isOver(): bool
    {
        return $this !== self::Held && !$this->isUnder();
    }
}
