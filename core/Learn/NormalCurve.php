<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/** The normal distribution where PHP has no function for it. */
final class NormalCurve
{
    /** Half-width of the 90 % interval in standard deviations. */
    public const NINETY = 1.6448536269514722;

    public static function density(float $z): float
    {
        return exp(-$z * $z / 2) / sqrt(2 * \M_PI);
    }

    /**
     * Probability of a value above z, by the continued fraction for large z and the power series for small
     * (M. Abramowitz, I. Stegun: Handbook of Mathematical Functions, 26.2.11 and 26.2.14).
     */
    public static function above(float $z): float
    {
        if ($z < 0) {
            return 1 - self::above(-$z);
        }
        if ($z < 2.5) {
            $term = $z;
            $sum = $z;
            for ($k = 1; $k < 80; ++$k) {
                $term *= $z * $z / (2 * $k + 1);
                $sum += $term;
            }

            return 0.5 - self::density($z) * $sum;
        }
        $fraction = $z;
        for ($k = 60; $k >= 1; --$k) {
            $fraction = $z + $k / $fraction;
        }

        return self::density($z) / $fraction;
    }

    /** Density over the probability above: how far the mean of what lies above z stands beyond the mean of all. */
    public static function hazard(float $z): float
    {
        if ($z < 2.5) {
            return self::density($z) / self::above($z);
        }
        $fraction = $z;
        for ($k = 60; $k >= 1; --$k) {
            $fraction = $z + $k / $fraction;
        }

        return $fraction;
    }

    /**
     * Probability of a value below z to 7.5e-8, faster than {@see above}
     * (Handbook of Mathematical Functions, 26.2.17).
     */
    public static function below(float $z): float
    {
        $t = 1 / (1 + 0.2316419 * abs($z));
        $tail = self::density($z) * $t * (0.319381530 + $t * (-0.356563782 + $t * (1.781477937 + $t * (-1.821255978 + $t * 1.330274429))));

        return $z < 0 ? $tail : 1 - $tail;
    }

    /** The z that so much of the normal distribution lies below, by Newton’s steps from zero. */
    public static function quantile(float $below): float
    {
        if (abs($below - 0.95) < 1e-12 || abs($below - 0.05) < 1e-12) {
            return $below > 0.5 ? self::NINETY : -self::NINETY;
        }
        $z = 0.0;
        for ($step = 0; $step < 60; ++$step) {
            $move = max(-1.0, min(1.0, (1 - self::above($z) - $below) / max(1e-12, self::density($z))));
            $z -= $move;
            if (abs($move) < 1e-12) {
                break;
            }
        }

        return $z;
    }
}
