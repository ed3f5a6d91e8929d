<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

/**
 * Seeks the order and the presses with the least lateness in all. Few jobs are tried in every order and on every press; more begin
 * as they came, by due time, by slack and shortest first, and are mended by moving jobs, the late ones first, until nothing helps
 * or the tries are used up. What came first is never beaten by what came out: the first order is among the tried.
 */
final class DaysPlanner
{
    /** All orders and presses are tried up to so many plans. */
    private const ALL = 6_000;
    /** Plans that are tried at the most, and jobs placed in them all together. */
    private const TRIES = 1_500;
    private const PLACED = 40_000;

    /**
     * @param list<DayJob> $jobs as they came in
     */
    public static function plan(array $jobs, WorkWeek $week): DaysPlan
    {
        $first = DaysPlan::of($jobs, $week);
        if ($jobs === []) {
            return $first;
        }
        $ways = 1;
        foreach ($jobs as $i => $job) {
            $ways *= ($i + 1) * \count($job->presses);
        }

        return $ways <= self::ALL ? self::all($jobs, $week, $first) : self::mended($jobs, $week, $first);
    }

    /** @param list<DayJob> $jobs */
    private static function all(array $jobs, WorkWeek $week, DaysPlan $best): DaysPlan
    {
        foreach (self::orders($jobs) as $order) {
            foreach (self::onto($jobs) as $onto) {
                $plan = DaysPlan::of($order, $week, $onto);
                $best = $plan->betterThan($best) ? $plan : $best;
            }
        }

        return $best;
    }

    /** @param list<DayJob> $jobs */
    private static function mended(array $jobs, WorkWeek $week, DaysPlan $best): DaysPlan
    {
        $left = min(self::TRIES, intdiv(self::PLACED, \count($jobs)));
        $due = static fn (DayJob $j): float => $j->dueMin ?? \INF;
        foreach ([$due, static fn (DayJob $j): float => $due($j) - $j->workMin, static fn (DayJob $j): float => $j->workMin, static fn (DayJob $j): float => max($j->readyMin, 0.0) + $j->workMin] as $key) {
            $order = $jobs;
            usort($order, static fn (DayJob $a, DayJob $b): int => [$key($a), $due($a), $a->id] <=> [$key($b), $due($b), $b->id]);
            $plan = DaysPlan::of($order, $week);
            $best = $plan->betterThan($best) ? $plan : $best;
        }
        while ($left > 0) {
            $before = $best;
            foreach (self::moves($best) as [$from, $to]) {
                if (--$left < 0) {
                    break;
                }
                $order = $best->order();
                [$moved] = array_splice($order, $from, 1);
                array_splice($order, $to, 0, [$moved]);
                $plan = DaysPlan::of($order, $week);
                if ($plan->betterThan($best)) {
                    $best = $plan;
                    break;
                }
            }
            if ($best === $before) {
                break;
            }
        }

        return $best;
    }

    /**
     * Late jobs forward first, then any job anywhere.
     *
     * @return iterable<array{int, int}>
     */
    private static function moves(DaysPlan $plan): iterable
    {
        $late = array_filter($plan->jobs, static fn (JobOnDays $j): bool => $j->lateMin > 0);
        uasort($late, static fn (JobOnDays $a, JobOnDays $b): int => $b->lateMin <=> $a->lateMin);
        foreach (array_keys($late) as $from) {
            for ($to = $from - 1; $to >= 0; --$to) {
                yield [$from, $to];
            }
        }
        $n = \count($plan->jobs);
        for ($from = 0; $from < $n; ++$from) {
            for ($to = 0; $to < $n; ++$to) {
                if ($to !== $from && !(isset($late[$from]) && $to < $from)) {
                    yield [$from, $to];
                }
            }
        }
    }

    /**
     * @param list<DayJob> $jobs
     *
     * @return iterable<list<DayJob>>
     */
    private static function orders(array $jobs): iterable
    {
        if (\count($jobs) < 2) {
            yield $jobs;

            return;
        }
        foreach ($jobs as $i => $first) {
            $rest = $jobs;
            array_splice($rest, $i, 1);
            foreach (self::orders($rest) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * @param list<DayJob> $jobs
     *
     * @return iterable<array<int, int>>
     */
    private static function onto(array $jobs): iterable
    {
        if ($jobs === []) {
            yield [];

            return;
        }
        $first = $jobs[0];
        foreach (self::onto(\array_slice($jobs, 1)) as $rest) {
            foreach ($first->presses as $press) {
                yield $rest + [$first->id => $press];
            }
        }
    }
}
