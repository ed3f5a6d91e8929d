<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** A time as a timer is set to it: half seconds under ten, whole ones up to a minute and a half, steps of five above. */
final class TimerSetting
{
    private const FINE_UNDER_S = 10.0;
    public const MINUTES_FROM_S = 90.0;
    private const COARSE_S = 5.0;

    public static function seconds(float $reckonedS): float
    {
        return match (true) {
            $reckonedS < self::FINE_UNDER_S => max(0.5, round(2 * $reckonedS) / 2),
            $reckonedS < self::MINUTES_FROM_S => round($reckonedS),
            default => self::COARSE_S * round($reckonedS / self::COARSE_S),
        };
    }

    /** The same in words: 8.5 s, 22 s, 2 min 05 s. */
    public static function words(float $reckonedS): string
    {
        $s = self::seconds($reckonedS);

        return match (true) {
            $s >= self::MINUTES_FROM_S => \sprintf('%d min %02d s', intdiv((int) $s, 60), (int) $s % 60),
            $s === floor($s) => \sprintf('%.0f s', $s),
            default => \sprintf('%.1f s', $s),
        };
    }
}
