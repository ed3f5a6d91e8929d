<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/**
 * What is believed of many coefficients after readings of which some are slips and some are mere bounds.
 *
 * All readings are taken in at once and again until the belief rests (expectation propagation, in parallel), so their order
 * does not matter. Then the most doubtful ones are tried as true and as slips, in every combination, each with the weight
 * that the others give it: what is told of a question is that mixture, wide or two-humped where readings contradict.
 */
final class SlipBelief
{
    private const MOST_ROUNDS = 80;
    private const RESTS_AT = 1e-5;
    private const STEP = 0.6;
    private const LEAST_PRECISION = 1e-9;
    /** So many readings are tried both ways, up to four of them slips at once: 794 combinations at most. */
    private const TRIED_BOTH_WAYS = 12;
    private const MOST_SLIPS = 4;
    /** A reading that is less likely a slip than this is not tried. */
    private const DOUBTFUL_FROM = 0.003;
    private const NEGLIGIBLE = 1e-3;

    private readonly SparseBelief $belief;
    /** @var array<int, float> by reading: how likely it is a slip */
    private array $slip = [];
    /** @var array<int, float> what each reading teaches, as a precision */
    private array $sure = [];
    /** @var array<int, float> the same times its value */
    private array $shift = [];
    /** @var list<int> readings tried both ways */
    private array $tried = [];
    /** @var list<Supposed> combinations that are worth their weight */
    private array $supposed = [];
    /** @var list<list<float>> inverse of the covariance of those that are tried, as they are seen */
    private array $inverse = [];
    /** @var list<list<float>> covariances of every coefficient with each reading that is tried both ways, those left out */
    private array $spreadOfTried = [];
    private int $rounds = 0;

    /**
     * @param list<float>             $mean     priors, by coefficient
     * @param list<float>             $variance of them
     * @param list<Seen>              $seen     the readings
     * @param list<array<int, float>> $asked    rows of questions
     */
    public function __construct(array $mean, array $variance, private readonly array $seen, array $asked)
    {
        $this->belief = new SparseBelief($mean, $variance, [...array_map(static fn (Seen $one): array => $one->row, $seen), ...$asked]);
        $this->rest();
        $this->tryBothWays();
    }

    /** How often all readings were taken in until the belief rested. */
    public function rounds(): int
    {
        return $this->rounds;
    }

    /** How likely a reading is a slip. */
    public function slip(int $reading): float
    {
        return $this->slip[$reading];
    }

    /**
     * @param array<int, float> $row
     *
     * @return Mixture of what the sum may be
     */
    public function of(array $row): Mixture
    {
        if ($this->supposed === []) {
            [$mean, $variance] = $this->belief->moments($row);

            return new Mixture([[1.0, $mean, $variance]]);
        }
        $spread = array_map(static fn (array $of): float => self::along($row, $of), $this->spreadOfTried);
        [$mean, $variance] = $this->belief->moments($row);

        return new Mixture(array_map(fn (Supposed $one): array => [$one->weight, ...$one->moments($spread, $this->inverse, $mean, $variance)], $this->supposed));
    }

    /**
     * The same believed in one piece, each reading as surely as it is no slip: for what may be told of causes.
     */
    public function settled(): SparseBelief
    {
        $belief = clone $this->belief;
        $belief->settle($this->sure, $this->shift);

        return $belief;
    }

    /** What a reading teaches in {@see settled}, as a precision. */
    public function sure(int $reading): float
    {
        return $this->sure[$reading];
    }

    private function rest(): void
    {
        $sure = $shift = [];
        foreach ($this->seen as $r => $_) {
            $sure[$r] = 0.0;
            $shift[$r] = 0.0;
        }
        $this->belief->settle($sure, $shift);
        for ($this->rounds = 0; $this->rounds < self::MOST_ROUNDS; ++$this->rounds) {
            $moved = 0.0;
            // Big steps first; smaller ones where two sights pull each other to and fro.
            $step = $this->rounds < 20 ? self::STEP : self::STEP / 2;
            foreach ($this->seen as $r => $one) {
                [$mean, $variance] = $this->belief->moments($one->row);
                $left = 1 / $variance - $sure[$r];
                if ($left < self::LEAST_PRECISION) {
                    continue;
                }
                $before = 1 / $left;
                $meanBefore = $before * ($mean / $variance - $shift[$r]);
                if ($one->isAbove === null) {
                    $this->slip[$r] = Slips::ofValue($meanBefore, $before, $one->value, $one->sd);
                    // As much of a value is believed as it is no slip.
                    $taught = max(self::LEAST_PRECISION, (1 - $this->slip[$r]) / $one->sd ** 2);
                    $toward = $taught * $one->value;
                } else {
                    [$after, $spread, $this->slip[$r]] = Slips::afterBound($meanBefore, $before, $one->value, $one->isAbove, $one->sd);
                    $taught = max(self::LEAST_PRECISION, 1 / $spread - $left);
                    $toward = $after * ($left + $taught) - $meanBefore * $left;
                }
                $next = $sure[$r] + $step * ($taught - $sure[$r]);
                $nextShift = $shift[$r] + $step * ($toward - $shift[$r]);
                $moved = max($moved, abs($next - $sure[$r]) / ($next + $left), abs($nextShift - $shift[$r] - $mean * ($next - $sure[$r])) / sqrt($next + $left));
                $sure[$r] = $next;
                $shift[$r] = $nextShift;
            }
            $this->belief->settle($sure, $shift);
            if ($moved < self::RESTS_AT) {
                break;
            }
        }
        $this->sure = $sure;
        $this->shift = $shift;
    }

    /** The value of a reading with the precision that is left of it when it may be a slip. */
    private function soften(int $r): void
    {
        $one = $this->seen[$r];
        if ($one->isAbove !== null) {
            return;
        }
        $this->sure[$r] = max(self::LEAST_PRECISION, (1 - $this->slip[$r]) / $one->sd ** 2);
        $this->shift[$r] = $this->sure[$r] * $one->value;
    }

    /**
     * What may be a slip, the most doubtful first. Some that seem to be slips for certain are among them: where two readings
     * contradict and nothing else speaks, which of them rests as the slip is chance.
     *
     * @return list<int>
     */
    private function worthTrying(): array
    {
        $certain = $doubtful = [];
        foreach ($this->slip as $r => $slip) {
            if ($this->seen[$r]->isAbove === null && $slip > self::DOUBTFUL_FROM) {
                if ($slip > 1 - self::DOUBTFUL_FROM) {
                    $certain[] = $r;
                } else {
                    $doubtful[] = $r;
                }
            }
        }
        $order = fn (int $a, int $b): int => [abs($this->slip[$a] - 0.5), $this->seen[$a]->value] <=> [abs($this->slip[$b] - 0.5), $this->seen[$b]->value];
        usort($certain, $order);
        usort($doubtful, $order);

        return \array_slice([...\array_slice($certain, 0, self::MOST_SLIPS - 1), ...$doubtful], 0, self::TRIED_BOTH_WAYS);
    }

    private function tryBothWays(): void
    {
        $this->tried = $this->worthTrying();
        foreach (array_keys($this->seen) as $r) {
            $this->soften($r);
        }
        if ($this->tried === []) {
            $this->belief->settle($this->sure, $this->shift);

            return;
        }
        $others = array_diff_key($this->sure, array_flip($this->tried));
        $this->belief->settle($others, $this->shift);
        $rows = array_map(fn (int $r): array => $this->seen[$r]->row, $this->tried);
        $this->spreadOfTried = array_map($this->belief->spread(...), $rows);
        $mean = array_map(fn (array $row): float => $this->belief->moments($row)[0], $rows);
        $covariance = [];
        foreach ($rows as $a => $row) {
            $line = array_map(static fn (array $spread): float => self::along($row, $spread), $this->spreadOfTried);
            $line[$a] += $this->seen[$this->tried[$a]]->sd ** 2;
            $covariance[] = array_values($line);
        }
        [$this->inverse] = Matrix::inverse($covariance);
        $off = array_map(fn (int $r, float $m): float => $this->seen[$r]->value - $m, $this->tried, $mean);
        $this->supposed = Supposed::all($off, $this->inverse, self::MOST_SLIPS, self::NEGLIGIBLE);
        foreach ($this->tried as $k => $r) {
            $this->slip[$r] = array_sum(array_map(static fn (Supposed $one): float => \in_array($k, $one->slips, true) ? $one->weight : 0.0, $this->supposed));
            $this->soften($r);
        }
    }

    /**
     * @param array<int, float> $row
     * @param list<float>       $spread by coefficient
     */
    private static function along(array $row, array $spread): float
    {
        $sum = 0.0;
        foreach ($row as $i => $factor) {
            $sum += $factor * $spread[$i];
        }

        return $sum;
    }
}
