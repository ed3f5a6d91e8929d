<?php

declare(strict_types=1);

namespace Ektype\Core\Flash;

use Ektype\Core\Learn\NormalCurve;

/**
 * How fast this shop’s flash heats against the usual of its kind: the logarithm of the heating time has a mean of the usual and a spread
 * wide enough for weak heads; a probe and a finger that finds the ink just gelled add a likelihood of their own spread, a finger that
 * finds it wet or slick says only that it takes longer, or less. Summed up on a grid.
 */
final readonly class FlashLearned
{
    /** Of the heating time before anything was read, of a probe, and of a finger, shares (heuristic). */
    private const PRIOR = 0.45;
    private const PROBE = 0.12;
    private const FINGER = 0.2;
    private const REACH = 1.6;
    private const STEP = 0.02;

    /** @param float $times the usual heating time; $reach nine times in ten, as a factor either way */
    private function __construct(public float $times, public float $reach, public int $readings)
    {
    }

    /** @param list<FlashReading> $readings */
    public static function of(array $readings): self
    {
        $sum = $mean = $square = 0.0;
        for ($ln = -self::REACH; $ln <= self::REACH; $ln += self::STEP) {
            $weight = exp(-($ln / self::PRIOR) ** 2 / 2);
            foreach ($readings as $reading) {
                $off = $ln - log($reading->times);
                $weight *= match ($reading->sign) {
                    FlashSign::Probe => exp(-($off / self::PROBE) ** 2 / 2),
                    FlashSign::Gelled => exp(-($off / self::FINGER) ** 2 / 2),
                    FlashSign::Wet => NormalCurve::below($off / self::FINGER),
                    FlashSign::Slick => NormalCurve::below(-$off / self::FINGER),
                };
            }
            $sum += $weight;
            $mean += $weight * $ln;
            $square += $weight * $ln * $ln;
        }
        if ($sum <= 0) {
            // Readings that cannot all be: the usual, as if none had been made.
            return self::of([]);
        }
        $mean /= $sum;

        return new self(exp($mean), exp(NormalCurve::NINETY * sqrt(max(0.0, $square / $sum - $mean * $mean))), \count($readings));
    }
}
