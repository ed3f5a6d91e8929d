<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

/**
 * The shop’s own pace and spoilage, learned from its runs: how many times what was reckoned a piece takes (Bayes on the
 * logarithm, known scatter), and which share is spoiled (beta over binomial). Without runs it is what was reckoned, as unsure as
 * such figures are.
 */
final readonly class LearnedRates
{
    /** What a reckoned rhythm is off in a shop, ln, and what a run strays from its shop (heuristic). */
    private const PRIOR_SD = 0.25;
    private const RUN_SD = 0.15;
    /** A spoilage that was written down counts as so many pieces (heuristic). */
    private const PRIOR_PIECES = 100.0;
    private const NINETY = 1.645;
    private const FEWEST = 6;

    public float $pace;
    public float $paceLow;
    public float $paceHigh;
    public int $runs;
    private int $good;
    private int $spoiled;

    /** @param list<RunDone> $runs */
    public function __construct(array $runs = [])
    {
        $weight = 1 / self::PRIOR_SD ** 2;
        $sum = 0.0;
        $counted = $good = $spoiled = 0;
        foreach ($runs as $run) {
            $good += $run->good;
            $spoiled += $run->misprints;
            if ($run->reckonedS > 0 && $run->realS > 0 && $run->good + $run->misprints >= self::FEWEST) {
                $weight += 1 / self::RUN_SD ** 2;
                $sum += log($run->realS / $run->reckonedS) / self::RUN_SD ** 2;
                ++$counted;
            }
        }
        $sd = sqrt(1 / $weight);
        $this->pace = exp($sum / $weight);
        $this->paceLow = exp($sum / $weight - self::NINETY * $sd);
        $this->paceHigh = exp($sum / $weight + self::NINETY * $sd);
        $this->runs = $counted;
        $this->good = $good;
        $this->spoiled = $spoiled;
    }

    /** @param float $written share that the shop wrote down, 0–1 */
    public function spoiled(float $written): float
    {
        return ($written * self::PRIOR_PIECES + $this->spoiled) / (self::PRIOR_PIECES + $this->good + $this->spoiled);
    }

    public function spoiledLow(float $written): float
    {
        return max(0.0, $this->spoiled($written) - self::NINETY * $this->sd($written));
    }

    public function spoiledHigh(float $written): float
    {
        return min(1.0, $this->spoiled($written) + self::NINETY * $this->sd($written));
    }

    private function sd(float $written): float
    {
        $share = $this->spoiled($written);

        return sqrt(max(0.0, $share * (1 - $share)) / (self::PRIOR_PIECES + $this->good + $this->spoiled + 1));
    }
}
