<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/**
 * What is believed of a set of named coefficients: a joint normal distribution. It starts from independent priors and
 * takes in observations of sums of coefficients, either with a normal error or as “more than” and “less than”.
 * A bound is taken in by matching the first two moments of the truncated normal.
 *
 * @phpstan-type MeanSd array{float, float}
 */
final class LinearBelief
{
    /** @var array<string, int> */
    private array $index = [];
    /** @var list<float> */
    private array $mean = [];
    /** @var list<list<float>> */
    private array $covariance = [];
    /** @var list<array{list<float>, float}> weights and effective error variance of each observation */
    private array $seen = [];

    /** @param array<string, MeanSd> $priors name => mean, standard deviation */
    public function __construct(array $priors)
    {
        foreach (array_keys($priors) as $i => $name) {
            $this->index[$name] = $i;
        }
        $n = \count($priors);
        foreach (array_values($priors) as $i => [$mean, $sd]) {
            $this->mean[] = $mean;
            $row = array_fill(0, $n, 0.0);
            $row[$i] = $sd * $sd;
            $this->covariance[] = array_values($row);
        }
    }

    /**
     * @param array<string, float> $terms coefficient => factor; their sum was seen as the value
     */
    public function observe(array $terms, float $value, float $sd): void
    {
        $x = $this->vector($terms);
        $this->shift($x, $this->spreadOf($x), $sd * $sd, $value);
        $this->seen[] = [$x, $sd * $sd];
    }

    /**
     * @param array<string, float> $terms
     * @param float                $sd    noise of the bound itself
     */
    public function observeBound(array $terms, float $bound, bool $isAbove, float $sd): void
    {
        $x = $this->vector($terms);
        $side = $isAbove ? 1.0 : -1.0;
        $spread = Matrix::dot($x, $this->spreadOf($x)) + $sd * $sd;
        $mean = Matrix::dot($x, $this->mean);
        $alpha = $side * ($bound - $mean) / sqrt($spread);
        $hazard = NormalCurve::hazard($alpha);
        $kept = max(1e-9, 1 - $hazard * ($hazard - $alpha));
        // The normal observation that would leave the same mean and variance behind.
        $errorVariance = $kept >= 1 - 1e-9 ? \INF : $spread * $kept / (1 - $kept);
        if (!is_finite($errorVariance)) {
            $this->seen[] = [$x, \INF];

            return;
        }
        $newMean = $mean + $side * $hazard * sqrt($spread);
        $value = $mean + ($newMean - $mean) * ($spread + $errorVariance) / $spread;
        $this->shift($x, $this->spreadOf($x), $errorVariance + $sd * $sd, $value);
        $this->seen[] = [$x, $errorVariance + $sd * $sd];
    }

    /**
     * @param array<string, float> $terms
     *
     * @return array{mean: float, sd: float, weights: list<float>} the weights say by how much the mean moves when each
     *                                                             observation, in the order in which it came, moves by 1
     */
    public function predict(array $terms): array
    {
        $x = $this->vector($terms);
        $spread = $this->spreadOf($x);
        $weights = [];
        foreach ($this->seen as [$of, $variance]) {
            $weights[] = Matrix::dot($of, $spread) / $variance;
        }

        return ['mean' => Matrix::dot($x, $this->mean), 'sd' => sqrt(max(0.0, Matrix::dot($x, $spread))), 'weights' => $weights];
    }

    public function knows(string $name): bool
    {
        return isset($this->index[$name]);
    }

    /** @return MeanSd mean and standard deviation */
    public function of(string $name): array
    {
        $i = $this->index[$name];

        return [$this->mean[$i], sqrt($this->covariance[$i][$i])];
    }

    /**
     * @param array<string, float> $terms
     *
     * @return list<float>
     */
    private function vector(array $terms): array
    {
        $x = array_fill(0, \count($this->mean), 0.0);
        foreach ($terms as $name => $factor) {
            $x[$this->index[$name]] += $factor;
        }

        return array_values($x);
    }

    /**
     * @param list<float> $x
     *
     * @return list<float> covariance times x
     */
    private function spreadOf(array $x): array
    {
        return array_map(static fn (array $row): float => Matrix::dot($row, $x), $this->covariance);
    }

    /**
     * @param list<float> $x
     * @param list<float> $spread covariance times x
     */
    private function shift(array $x, array $spread, float $errorVariance, float $value): void
    {
        $total = Matrix::dot($x, $spread) + $errorVariance;
        $surprise = $value - Matrix::dot($x, $this->mean);
        $mean = [];
        $covariance = [];
        foreach ($this->covariance as $i => $row) {
            $gain = $spread[$i] / $total;
            $mean[] = $this->mean[$i] + $gain * $surprise;
            $covariance[] = array_map(static fn (float $c, float $s): float => $c - $gain * $s, $row, $spread);
        }
        $this->mean = $mean;
        $this->covariance = $covariance;
    }
}
