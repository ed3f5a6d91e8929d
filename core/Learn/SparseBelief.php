<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/**
 * A joint normal belief of many coefficients of which every observation touches a few: hundreds of lamps, each with its
 * own terms. It is kept as a sparse precision matrix, factored as L D Lᵀ with the rarest coefficients first, and knows the
 * covariance of any two coefficients that one row names together (K. Takahashi, J. Fagan, M.-S. Chin 1973: Formation of
 * a sparse bus impedance matrix).
 *
 * @phpstan-type MeanVariance array{float, float}
 */
final class SparseBelief
{
    /** @var list<float> by coefficient */
    private readonly array $priorMean;
    /** @var list<float> */
    private readonly array $priorPrecision;
    /** @var list<int> coefficients in the order in which they are eliminated */
    private array $order;
    /** @var array<int, int> where in that order each stands */
    private array $place;
    /** @var array<int, list<int>> the later coefficients that each is tied to, by order */
    private array $ties;
    /** @var list<float> */
    private array $mean = [];
    /** @var array<int, float> */
    private array $pivot = [];
    /** @var array<int, array<int, float>> columns of L: coefficient => later coefficient => entry */
    private array $columns = [];
    /** @var array<int, array<int, float>> covariance, earlier coefficient => itself and later ones */
    private array $covariance = [];

    /**
     * @param list<float>             $mean     priors, by coefficient
     * @param list<float>             $variance of them
     * @param list<array<int, float>> $rows     each observation and each question: coefficient => factor
     */
    public function __construct(array $mean, array $variance, private readonly array $rows)
    {
        $this->priorMean = $mean;
        $this->priorPrecision = array_map(static fn (float $of): float => 1 / $of, $variance);
        $this->plan(\count($mean));
    }

    /**
     * Takes the rows as seen with these natural parameters: precision, and precision times value.
     *
     * @param array<int, float> $precision by row; rows that are left out were not seen
     * @param array<int, float> $shift
     */
    public function settle(array $precision, array $shift): void
    {
        $diagonal = $this->priorPrecision;
        $off = array_fill(0, \count($diagonal), []);
        $right = [];
        foreach ($this->priorMean as $i => $mean) {
            $right[] = $mean * $diagonal[$i];
        }
        foreach ($precision as $r => $sure) {
            $row = $this->rows[$r];
            foreach ($row as $i => $factor) {
                $right[$i] += $factor * $shift[$r];
                $diagonal[$i] += $sure * $factor * $factor;
                foreach ($row as $j => $other) {
                    if ($this->place[$i] < $this->place[$j]) {
                        $off[$i][$j] = ($off[$i][$j] ?? 0.0) + $sure * $factor * $other;
                    }
                }
            }
        }
        $this->factor($diagonal, $off);
        $this->mean = $this->solve($right);
        $this->invert();
    }

    /**
     * Quickly where one of the rows that were told at first names its coefficients together, else by solving for it.
     *
     * @param array<int, float> $row
     *
     * @return MeanVariance mean and variance of its sum
     */
    public function moments(array $row): array
    {
        $mean = $variance = 0.0;
        foreach ($row as $i => $factor) {
            $mean += $factor * $this->mean[$i];
            $of = $this->covariance[$i];
            foreach ($row as $j => $other) {
                $both = $of[$j] ?? $this->covariance[$j][$i] ?? null;
                if ($both === null) {
                    return $this->solved($row);
                }
                $variance += $factor * $other * $both;
            }
        }

        return [$mean, max(1e-12, $variance)];
    }

    /**
     * @param array<int, float> $row
     *
     * @return MeanVariance
     */
    private function solved(array $row): array
    {
        $spread = $this->spread($row);
        $mean = $variance = 0.0;
        foreach ($row as $i => $factor) {
            $mean += $factor * $this->mean[$i];
            $variance += $factor * $spread[$i];
        }

        return [$mean, max(1e-12, $variance)];
    }

    /**
     * @param array<int, float> $row
     *
     * @return list<float> the covariance of its sum with every coefficient
     */
    public function spread(array $row): array
    {
        $right = array_fill(0, \count($this->mean), 0.0);
        foreach ($row as $i => $factor) {
            $right[$i] = $factor;
        }

        return $this->solve(array_values($right));
    }

    /** Which coefficients are eliminated first, and which entries that fills. */
    private function plan(int $n): void
    {
        $near = array_fill(0, $n, []);
        $named = array_fill(0, $n, 0);
        foreach ($this->rows as $row) {
            foreach ($row as $i => $_) {
                ++$named[$i];
                foreach ($row as $j => $__) {
                    if ($i !== $j) {
                        $near[$i][$j] = true;
                    }
                }
            }
        }
        $this->order = $n === 0 ? [] : range(0, $n - 1);
        usort($this->order, static fn (int $a, int $b): int => [\count($near[$a]), $named[$a], $a] <=> [\count($near[$b]), $named[$b], $b]);
        $this->place = array_flip($this->order);
        $this->ties = [];
        foreach ($this->order as $i) {
            $tied = array_keys($near[$i]);
            $this->ties[$i] = $tied;
            foreach ($tied as $j) {
                unset($near[$j][$i]);
                foreach ($tied as $k) {
                    if ($j !== $k) {
                        $near[$j][$k] = true;
                    }
                }
            }
        }
    }

    /**
     * @param array<int, float>             $diagonal
     * @param array<int, array<int, float>> $off
     */
    private function factor(array $diagonal, array $off): void
    {
        $this->columns = $this->pivot = [];
        foreach ($this->order as $i) {
            $pivot = $diagonal[$i];
            $column = [];
            foreach ($this->ties[$i] as $j) {
                $column[$j] = ($off[$i][$j] ?? 0.0) / $pivot;
            }
            $this->pivot[$i] = $pivot;
            $this->columns[$i] = $column;
            $entries = array_keys($column);
            foreach ($entries as $a => $j) {
                $times = $column[$j] * $pivot;
                if ($times === 0.0) {
                    continue;
                }
                $diagonal[$j] -= $times * $column[$j];
                foreach (\array_slice($entries, $a + 1) as $k) {
                    // One of the two is the earlier: its ties hold the other.
                    if ($this->place[$j] < $this->place[$k]) {
                        $off[$j][$k] = ($off[$j][$k] ?? 0.0) - $times * $column[$k];
                    } else {
                        $off[$k][$j] = ($off[$k][$j] ?? 0.0) - $times * $column[$k];
                    }
                }
            }
        }
    }

    /**
     * @param array<int, float> $right
     *
     * @return list<float>
     */
    private function solve(array $right): array
    {
        foreach ($this->order as $i) {
            $value = $right[$i];
            if ($value !== 0.0) {
                foreach ($this->columns[$i] as $j => $entry) {
                    $right[$j] -= $entry * $value;
                }
            }
        }
        for ($at = \count($this->order) - 1; $at >= 0; --$at) {
            $i = $this->order[$at];
            $value = $right[$i] / $this->pivot[$i];
            foreach ($this->columns[$i] as $j => $entry) {
                $value -= $entry * $right[$j];
            }
            $right[$i] = $value;
        }

        return array_values($right);
    }

    /** The entries of the inverse where L has any. */
    private function invert(): void
    {
        $this->covariance = [];
        for ($at = \count($this->order) - 1; $at >= 0; --$at) {
            $i = $this->order[$at];
            $column = $this->columns[$i];
            $own = 1 / $this->pivot[$i];
            $row = [];
            foreach ($column as $j => $_) {
                $sum = 0.0;
                foreach ($column as $k => $entry) {
                    $sum -= $entry * ($this->covariance[$j][$k] ?? $this->covariance[$k][$j]);
                }
                $row[$j] = $sum;
                $own -= $column[$j] * $sum;
            }
            $row[$i] = $own;
            $this->covariance[$i] = $row;
        }
    }
}
