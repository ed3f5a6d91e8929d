<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/**
 * Readings of which a few are slips: a wrong strip, a wrong digit, a damp screen. A good reading errs by its own noise; a slip
 * lies mostly about 2.5 times off, either way, and says nothing of the truth. Moments of what is believed after one reading
 * (Bayes’ rule, normal components), for expectation propagation (T. Minka 2001).
 *
 * @phpstan-type Moment array{float, float, float}
 */
final class Slips
{
    /** How many readings are slips before anything is known of them (heuristic). */
    public const SHARE = 0.08;
    /** How far a slip lies off, ln, and how sure that is (heuristic: half or double to four times). */
    private const OFF_LN = 0.92;
    private const OFF_SD = 0.4;
    /** Of slips so many lie anywhere, a digit too many among them, and how far that is, ln (heuristic). */
    private const ANYWHERE = 0.2;
    private const ANYWHERE_SD = 1.6;

    /**
     * @param float $mean     of what is believed without this reading
     * @param float $variance of it
     *
     * @return float how likely a value is a slip
     */
    public static function ofValue(float $mean, float $variance, float $value, float $sd): float
    {
        $total = $variance + $sd * $sd;
        $good = (1 - self::SHARE) * self::density($value - $mean, $total);
        $slip = self::evidence($value - $mean, $total);

        return $good + $slip <= 0 ? 1.0 : $slip / ($good + $slip);
    }

    /**
     * @return Moment mean and variance afterwards, and the probability that it was a slip
     */
    public static function afterBound(float $mean, float $variance, float $bound, bool $isAbove, float $sd): array
    {
        $side = $isAbove ? 1.0 : -1.0;
        $total = $variance + $sd * $sd;
        $alpha = $side * ($bound - $mean) / sqrt($total);
        $good = (1 - self::SHARE) * NormalCurve::above($alpha);
        // A sign that was mistaken says no more than a thrown coin.
        $slip = self::SHARE / 2;
        $hazard = NormalCurve::hazard($alpha);
        $kept = max(1e-9, 1 - $variance / $total * $hazard * ($hazard - $alpha));

        return self::mixed($mean, $variance, $mean + $side * $hazard * $variance / sqrt($total), $variance * $kept, $slip / ($good + $slip));
    }

    /** How well a slip explains a reading that lies so far from what is expected. */
    public static function evidence(float $off, float $variance): float
    {
        $wide = $variance + self::OFF_SD ** 2;

        return self::SHARE * (
            (1 - self::ANYWHERE) / 2 * (self::density($off - self::OFF_LN, $wide) + self::density($off + self::OFF_LN, $wide))
            + self::ANYWHERE * self::density($off, $variance + self::ANYWHERE_SD ** 2)
        );
    }

    public static function density(float $off, float $variance): float
    {
        return exp(-$off * $off / 2 / $variance) / sqrt(2 * \M_PI * $variance);
    }

    /** @return Moment */
    private static function mixed(float $mean, float $variance, float $learned, float $left, float $slip): array
    {
        $middle = (1 - $slip) * $learned + $slip * $mean;

        return [
            $middle,
            (1 - $slip) * ($left + ($learned - $middle) ** 2) + $slip * ($variance + ($mean - $middle) ** 2),
            $slip,
        ];
    }
}
