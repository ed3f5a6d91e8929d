<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/**
 * How the tension of a frame falls, by a straight line through the means of its readings over time, and the day on which
 * it will fall below the limit. New mesh drops in its first uses: readings of its first days are left out when enough
 * others are there. Intervals are 90 %, by Student's t.
 */
final readonly class TensionTrend
{
    private const FIRST_DAYS = 14.0;
    /** Two-sided 90 % of Student's t by degrees of freedom. */
    private const T90 = [
        1 => 6.3138,
        2.9200,
        2.3534,
        2.1318,
        2.0150,
        1.9432,
        1.8946,
        1.8595,
        1.8331,
        1.8125,
        1.7959,
        1.7823,
        1.7709,
        1.7613,
        1.7531,
        1.7459,
        1.7396,
        1.7341,
        1.7291,
        1.7247,
    ];
    private const T90_MANY = 1.6449;

    /**
     * @param float      $perDay   N/cm a day
     * @param float|null $belowDay day on which the line falls below the limit; null where it does not fall
     */
    private function __construct(
        public float $now,
        public float $nowLow,
        public float $nowHigh,
        public float $perDay,
        public float $perDayLow,
        public float $perDayHigh,
        public ?float $belowDay,
        public int $readings,
    ) {
    }

    /**
     * @param list<array{float, float}> $readings day and tension in N/cm, in any order
     * @param float                     $today    the day to reckon for
     *
     * @throws UnusableTension where there are fewer than three days, or a reading cannot be
     */
    public static function of(array $readings, float $today, float $limit = Tension::RE_MESH_UNDER): self
    {
        foreach ($readings as $i => [, $tension]) {
            if ($tension < Tension::LEAST || $tension > Tension::MOST) {
                throw UnusableTension::at(
                    "readings[$i]",
                    \sprintf(
                        'A tension of %.1f N/cm is no reading of a stretched screen; %.0f to %.0f is. Read it again, or re-mesh.',
                        $tension,
                        Tension::LEAST,
                        Tension::MOST,
                    ),
                );
            }
        }
        usort($readings, static fn (array $a, array $b): int => $a[0] <=> $b[0]);
        $first = $readings[0][0] ?? 0.0;
        $settled = array_values(array_filter($readings, static fn (array $r): bool => $r[0] >= $first + self::FIRST_DAYS));
        $used = \count($settled) >= 4 ? $settled : $readings;
        $n = \count($used);
        $x = array_sum(array_column($used, 0)) / max(1, $n);
        $y = array_sum(array_column($used, 1)) / max(1, $n);
        $sxx = $sxy = 0.0;
        foreach ($used as [$day, $tension]) {
            $sxx += ($day - $x) ** 2;
            $sxy += ($day - $x) * ($tension - $y);
        }
        if ($n < 3 || $sxx <= 0) {
            throw UnusableTension::at(
                'readings',
                \sprintf('%d %s no trend. Read the tension on three days at least.', $n, $n === 1 ? 'reading tells' : 'readings tell'),
            );
        }
        $slope = $sxy / $sxx;
        $rest = 0.0;
        foreach ($used as [$day, $tension]) {
            $rest += ($tension - $y - $slope * ($day - $x)) ** 2;
        }
        $sigma = sqrt($rest / ($n - 2));
        $t = self::T90[$n - 2] ?? self::T90_MANY;
        $now = $y + $slope * ($today - $x);
        $half = $t * $sigma * sqrt(1 / $n + ($today - $x) ** 2 / $sxx);
        $halfSlope = $t * $sigma / sqrt($sxx);

        return new self(
            $now,
            $now - $half,
            $now + $half,
            $slope,
            $slope - $halfSlope,
            $slope + $halfSlope,
            belowDay: $slope < 0 ? $x + ($limit - $y) / $slope : null,
            readings: $n,
        );
    }
}
