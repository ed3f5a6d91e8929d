<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * The ruling of a printed chart, from the strongest of its waves: in the half tones of a scan the dots come again at even
 * distances (discrete Fourier transform of each half-tone patch under a Hann window).
 *
 * @phpstan-type Complex array{float, float}
 */
final class ChartRuling
{
    /** Of a patch its middle is looked at, mm. */
    private const LOOK_MM = 8.0;
    private const LEAST_LPI = 14.0;
    /** A wave needs so many pixels of the scan at the least. */
    private const LEAST_PX = 2.6;
    private const STEP_LPI = 1.5;
    /** A pattern of dots holds so many times the power of a middling wave; cloth and noise do not (heuristic). */
    private const CLEAR = 60.0;
    /** What is printed at half tone is told from other rulings within so much of its own (heuristic). */
    private const ALIKE = 0.07;

    /**
     * @param string $lights a byte a pixel, as ChartScan reads them
     * @param float  $ppi    at which the scan was made: finer dots than it holds are not looked for
     *
     * @return float|null lines per inch; null where the scan shows no dots
     */
    public static function of(string $lights, int $width, int $height, float $ppi): ?float
    {
        $perMm = $width / GainChart::widthMm();
        $side = (int) floor(self::LOOK_MM * $perMm);
        $most = min($ppi, $perMm * 25.4) / self::LEAST_PX;
        $steps = (int) floor($most / self::STEP_LPI);
        $power = [];
        foreach (GainChart::patches() as $patch) {
            if ($patch->tonePct !== 50) {
                continue;
            }
            $off = (GainChart::PATCH_MM - self::LOOK_MM) / 2;
            $rows = [];
            for ($y = 0, $top = (int) round(($patch->yMm + $off) * $perMm); $y < $side && $top + $y < $height; ++$y) {
                $rows[] = array_map(\ord(...), str_split(substr($lights, ($top + $y) * $width + (int) round(($patch->xMm + $off) * $perMm), max(1, $side))));
            }
            foreach (self::spectrum($rows, $steps, self::STEP_LPI / 25.4 / $perMm) as $at => $here) {
                $power[$at] = ($power[$at] ?? 0.0) + $here;
            }
        }

        return self::strongest($power, $steps);
    }

    /** @throws UnusableGain where the dots of a chart are of another ruling */
    public static function expect(?float $found, float $lpi): void
    {
        if ($found !== null && abs($found / $lpi - 1) > self::ALIKE) {
            throw UnusableGain::at('scan', \sprintf('The dots on this scan are of %.0f lines per inch, those of the plates are of %.0f: another ruling gains otherwise. Scan the chart that was printed at %2$.0f, or set the ruling to %1$.0f before reading this one.', $found, $lpi));
        }
    }

    /**
     * @param list<list<int>> $rows
     * @param float           $step waves a pixel from one frequency to the next
     *
     * @return array<int, float> power by frequency: down times twice the steps and one, and across
     */
    private static function spectrum(array $rows, int $steps, float $step): array
    {
        $n = \count($rows);
        $mean = array_sum(array_map(array_sum(...), $rows)) / max(1, $n * \count($rows[0] ?? []));
        $across = [];
        foreach ($rows as $row) {
            $across[] = self::waves(array_map(static fn (int $light): array => [$light - $mean, 0.0], $row), -$steps, $steps, $step);
        }
        $power = [];
        for ($fx = 0; $fx <= 2 * $steps; ++$fx) {
            foreach (self::waves(array_column($across, $fx), 0, $steps, $step) as $fy => [$re, $im]) {
                $power[$fy * (2 * $steps + 1) + $fx] = $re * $re + $im * $im;
            }
        }

        return $power;
    }

    /**
     * @param list<Complex> $values complex
     *
     * @return list<Complex> their waves from one number of steps to another
     */
    private static function waves(array $values, int $from, int $to, float $step): array
    {
        $n = \count($values);
        $window = array_map(static fn (int $i): float => 0.5 - 0.5 * cos(2 * \M_PI * ($i + 0.5) / $n), range(0, $n - 1));
        $waves = [];
        for ($f = $from; $f <= $to; ++$f) {
            [$re, $im, $c, $s] = [0.0, 0.0, 1.0, 0.0];
            [$turnC, $turnS] = [cos(2 * \M_PI * $f * $step), -sin(2 * \M_PI * $f * $step)];
            foreach ($values as $i => [$a, $b]) {
                [$wc, $ws] = [$window[$i] * $c, $window[$i] * $s];
                $re += $a * $wc - $b * $ws;
                $im += $a * $ws + $b * $wc;
                [$c, $s] = [$c * $turnC - $s * $turnS, $c * $turnS + $s * $turnC];
            }
            $waves[] = [$re, $im];
        }

        return $waves;
    }

    /** @param array<int, float> $power */
    private static function strongest(array $power, int $steps): ?float
    {
        $wide = 2 * $steps + 1;
        $ring = [];
        foreach ($power as $at => $here) {
            $lpi = self::STEP_LPI * hypot($at % $wide - $steps, intdiv($at, $wide));
            if ($lpi >= self::LEAST_LPI && $lpi <= self::STEP_LPI * $steps) {
                $ring[$at] = $here;
            }
        }
        if ($ring === []) {
            return null;
        }
        $sorted = $ring;
        sort($sorted);
        $most = max($ring);
        if ($most < self::CLEAR * max(1e-9, $sorted[intdiv(\count($sorted), 2)])) {
            return null;
        }
        $at = (int) array_search($most, $ring, true);
        // The peak lies between the frequencies that were tried: at the middle of its own hill.
        [$sum, $x, $y] = [0.0, 0.0, 0.0];
        for ($j = -1; $j <= 1; ++$j) {
            for ($i = -1; $i <= 1; ++$i) {
                $here = $power[$at + $j * $wide + $i] ?? 0.0;
                $sum += $here;
                $x += $here * ($at % $wide - $steps + $i);
                $y += $here * (intdiv($at, $wide) + $j);
            }
        }

        return self::STEP_LPI * hypot($x / $sum, $y / $sum);
    }
}
