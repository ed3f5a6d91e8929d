<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Advice\Care;

/** After how many pieces the register is looked at, by the care that a job is worth (heuristic). */
final class LookEvery
{
    public static function pieces(Care $care): int
    {
        return match ($care) {
            Care::SideBySide => 12,
            Care::Usual => 24,
            Care::Giveaway => 60,
        };
    }
}
