<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Random\Randomizer;

/** Noise for stand-ins, from a seed: practice and tests can rely on it. */
final class SimulatedNoise
{
    /** About normal, mean 0 and deviation 1: twelve dice. */
    public static function normal(Randomizer $random): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += $random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $sum - 6;
    }
}
