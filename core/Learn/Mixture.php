<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/**
 * A quantity that is one of several normal ones, each with its weight.
 *
 * @phpstan-import-type Moment from Slips
 */
final readonly class Mixture
{
    /** A middle less dense than this share of the highest hump is an empty place (heuristic). */
    private const EMPTY = 0.1;

    /** @param non-empty-list<Moment> $parts weight, mean and variance; weights sum to 1 */
    public function __construct(private array $parts)
    {
    }

    /** The value that so much of it lies below, by halving. */
    public function quantile(float $below): float
    {
        if (\count($this->parts) === 1) {
            return $this->parts[0][1] + sqrt($this->parts[0][2]) * NormalCurve::quantile($below);
        }
        $low = min(array_map(static fn (array $part): float => $part[1] - 9 * sqrt($part[2]), $this->parts));
        $high = max(array_map(static fn (array $part): float => $part[1] + 9 * sqrt($part[2]), $this->parts));
        while ($high - $low > 1e-5) {
            $middle = ($low + $high) / 2;
            if ($this->below($middle) < $below) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    public function below(float $value): float
    {
        $sum = 0.0;
        foreach ($this->parts as [$weight, $mean, $variance]) {
            $sum += $weight * NormalCurve::below(($value - $mean) / sqrt($variance));
        }

        return $sum;
    }

    /**
     * The value to stand for all of it: its middle, or, where the middle is an empty place between humps, the likelier hump.
     */
    public function typical(): float
    {
        $middle = $this->quantile(0.5);
        $heads = array_map(fn (array $part): float => $this->density($part[1]), $this->parts);
        $highest = (int) array_search(max($heads), $heads, true);

        return $this->density($middle) < self::EMPTY * $heads[$highest] ? $this->parts[$highest][1] : $middle;
    }

    private function density(float $value): float
    {
        $sum = 0.0;
        foreach ($this->parts as [$weight, $mean, $variance]) {
            $sum += $weight * exp(-($value - $mean) ** 2 / 2 / $variance) / sqrt($variance);
        }

        return $sum;
    }

    public function mean(): float
    {
        $sum = 0.0;
        foreach ($this->parts as [$weight, $mean]) {
            $sum += $weight * $mean;
        }

        return $sum;
    }

    public function variance(): float
    {
        $middle = $this->mean();
        $sum = 0.0;
        foreach ($this->parts as [$weight, $mean, $variance]) {
            $sum += $weight * ($variance + ($mean - $middle) ** 2);
        }

        return $sum;
    }
}
