<?php

declare(strict_types=1);

namespace Ektype\Core\Run;

use Ektype\Core\Print\PlatePrint;
use Ektype\Core\Print\PrintPlan;

/**
 * Which print of the first is judged. Where inks print on wet ink, each screen picks some of it up from below until what it takes
 * and what it gives are even: after six to fifteen prints (trade), sooner where few screens do (heuristic between).
 */
final class Settling
{
    public const SOONEST = 6;
    public const LATEST = 15;
    private const EACH = 3;

    /** 1 where each ink is dry or gelled before the next. */
    public static function prints(PrintPlan $plan): int
    {
        $wet = 0;
        foreach (\array_slice($plan->plates, 0, -1) as $below) {
            $wet += self::staysWet($below) ? 1 : 0;
        }

        return $wet === 0 ? 1 : min(self::LATEST, self::SOONEST + self::EACH * ($wet - 1));
    }

    private static function staysWet(PlatePrint $plate): bool
    {
        return $plate->flash?->after !== true;
    }
}
