<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

/** What a flash heats with. */
enum FlashKind: string
{
    case Panel = 'infrared panel';
    case Quartz = 'quartz tubes';
    case Air = 'hot air and infrared';

    /** Of its electric power so much comes down on what lies under it and is taken up by ink (heuristic: a quarter goes up, the rest is partly reflected or lost in air). */
    public function takenUp(): float
    {
        return match ($this) {
            self::Panel => 0.42,
            self::Quartz => 0.48,
            self::Air => 0.45,
        };
    }
}
