<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Days;

use Ektype\Core\Days\DayJob;
use Ektype\Core\Days\DaysPlan;
use Ektype\Core\Days\DaysPlanner;
use Ektype\Core\Days\ImpossibleDays;
use Ektype\Core\Days\StartBy;
use Ektype\Core\Days\WorkWeek;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class DaysTest extends TestCase
{
    /** Minute by minute, with nothing of the week’s own arithmetic. */
    public function testWorkGoesOnOverNightsAndRests(): void
    {
        $random = new Randomizer(new Mt19937(3));
        for ($try = 0; $try < 60; ++$try) {
            $weekday = $random->getInt(1, 7);
            $week = new WorkWeek(480, 1080, $weekday, $random->getInt(0, 1) === 0 ? [6, 7] : [7]);
            $open = static fn (int $min): bool => $min % 1440 >= 480 && $min % 1440 < 1080 && !\in_array(($weekday - 1 + intdiv($min, 1440)) % 7 + 1, $week->rests, true);
            $from = $random->getInt(0, 6000);
            $work = $random->getInt(1, 1500);
            $at = $from;
            for ($done = 0; $done < $work; ++$at) {
                $done += $open($at) ? 1 : 0;
            }
            self::assertEqualsWithDelta($at, $week->done($from, $work), 1e-6);
            $next = $from;
            while (!$open($next)) {
                ++$next;
            }
            self::assertEqualsWithDelta($next, $week->next($from), 1e-6);
            $back = 12_000;
            for ($done = 0; $done < $work; --$back) {
                $done += $open($back - 1) ? 1 : 0;
            }
            self::assertEqualsWithDelta($back, $week->begins(12_000.0, $work), 1e-6);
        }
    }

    public function testNeverLaterThanFirstComeFirstServed(): void
    {
        $random = new Randomizer(new Mt19937(200));
        $less = 0;
        for ($try = 0; $try < 200; ++$try) {
            $jobs = self::jobs($random, $random->getInt(2, 24), $random->getInt(1, 3));
            $week = new WorkWeek(480, 1080, $random->getInt(1, 5));
            $first = DaysPlan::of($jobs, $week);
            $plan = DaysPlanner::plan($jobs, $week);
            self::assertLessThanOrEqual($first->lateMin + 1e-6, $plan->lateMin);
            $less += $plan->lateMin < $first->lateMin - 1 ? 1 : 0;
            self::isPossible($plan, $jobs, $week);
        }
        self::assertGreaterThan(120, $less, 'it is worth the search');
    }

    /** Six jobs on one press and four on two, against all orders and presses, reckoned minute by minute apart. */
    public function testFewJobsAreAsGoodAsCanBe(): void
    {
        $random = new Randomizer(new Mt19937(41));
        for ($try = 0; $try < 24; ++$try) {
            $presses = $try % 2 + 1;
            $jobs = self::jobs($random, $presses === 1 ? 6 : 4, $presses);
            $week = new WorkWeek(480, 1080, 1);
            self::assertLessThanOrEqual(1.05 * self::best($jobs) + 1, DaysPlanner::plan($jobs, $week)->lateMin);
        }
    }

    /** Eight on one press are too many to try all: the best by dynamic programming over sets. */
    public function testMoreJobsComeWithinAFewPerCent(): void
    {
        $random = new Randomizer(new Mt19937(77));
        for ($try = 0; $try < 12; ++$try) {
            $jobs = array_map(static fn (DayJob $j): DayJob => new DayJob($j->id, $j->name, 0.0, $j->workMin, $j->dueMin, [1]), self::jobs($random, 8, 1));
            self::assertLessThanOrEqual(1.05 * self::bestOfSets($jobs) + 1, DaysPlanner::plan($jobs, new WorkWeek(480, 1080, 1))->lateMin);
        }
    }

    public function testWhenToBeginSoThatItIsInTime(): void
    {
        $week = new WorkWeek(480, 1080, 1);
        $job = new DayJob(1, 'Totes', 0.0, 300.0, 2 * 1440 + 1080.0, [1]);
        $by = StartBy::of($job, 700.0, $week, 500.0);
        self::assertSame(2 * 1440 + 780.0, $by->pressMin);
        // 300 min on that day before it, 400 on the day before.
        self::assertEqualsWithDelta(1440 + 680.0, $by->screenMin, 1e-6);
        self::assertTrue($by->canBe);
        self::assertFalse(StartBy::of($job, 700.0, $week, 1440 + 700.0)->canBe, 'too late for its screens');
        self::assertFalse(StartBy::of(new DayJob(1, 'Totes', 2 * 1440 + 800.0, 300.0, 2 * 1440 + 1080.0, [1]), 0.0, $week, 0.0)->canBe, 'its screens come too late');
        self::assertNull(StartBy::of(new DayJob(1, 'Totes', 0.0, 300.0, null, [1]), 0.0, $week, 0.0)->pressMin);
        $this->expectException(ImpossibleDays::class);
        new DayJob(1, 'Totes', 0.0, 300.0, null, []);
    }

    public function testAShopThatNeverWorksIsRefused(): void
    {
        $this->expectException(ImpossibleDays::class);
        new WorkWeek(480, 1080, 1, [1, 2, 3, 4, 5, 6, 7]);
    }

    /** @return list<DayJob> */
    private static function jobs(Randomizer $random, int $many, int $presses): array
    {
        return array_map(static fn (int $i): DayJob => new DayJob(
            $i + 1,
            'Job '.($i + 1),
            (float) $random->getInt(0, 2000),
            (float) $random->getInt(40, 500),
            $random->getInt(0, 9) === 0 ? null : 1440.0 * $random->getInt(0, max(2, intdiv($many, $presses))) + 1080,
            $presses === 1 ? [1] : ($random->getInt(0, 3) === 0 ? [$random->getInt(1, $presses)] : range(1, $presses)),
        ), range(0, $many - 1));
    }

    /** @param list<DayJob> $jobs */
    private static function isPossible(DaysPlan $plan, array $jobs, WorkWeek $week): void
    {
        self::assertCount(\count($jobs), $plan->jobs);
        $by = [];
        foreach ($plan->jobs as $one) {
            self::assertGreaterThanOrEqual($one->job->readyMin, $one->startMin);
            self::assertContains($one->press, $one->job->presses);
            self::assertEqualsWithDelta($week->done($one->startMin, $one->job->workMin), $one->endMin, 1e-6);
            $by[$one->press][] = [$one->startMin, $one->endMin];
        }
        foreach ($by as $times) {
            sort($times);
            for ($i = 1; $i < \count($times); ++$i) {
                self::assertGreaterThanOrEqual($times[$i - 1][1] - 1e-6, $times[$i][0], 'one job at a time on a press');
            }
        }
    }

    /** @param list<DayJob> $jobs */
    private static function best(array $jobs): float
    {
        return self::placed($jobs, [], 0.0, \INF);
    }

    /**
     * @param array<int, DayJob> $left
     * @param array<int, float>  $free
     */
    private static function placed(array $left, array $free, float $late, float $least): float
    {
        if ($left === [] || $late >= $least) {
            return min($late, $least);
        }
        foreach ($left as $k => $job) {
            foreach ($job->presses as $press) {
                $end = self::walk(max($free[$press] ?? 0.0, $job->readyMin), $job->workMin);
                $rest = $left;
                unset($rest[$k]);
                $least = self::placed($rest, [$press => $end] + $free, $late + ($job->dueMin === null ? 0.0 : max(0.0, $end - $job->dueMin)), $least);
            }
        }

        return $least;
    }

    /** A week that begins on a Monday, 8 to 18. */
    private static function walk(float $from, float $work): float
    {
        $at = $from;
        while (true) {
            $day = (int) floor($at / 1440);
            if ($day % 7 >= 5 || $at >= $day * 1440 + 1080) {
                $at = ($day + 1) * 1440.0;
                continue;
            }
            $at = max($at, $day * 1440 + 480.0);
            $today = min($work, $day * 1440 + 1080 - $at);
            $at += $today;
            $work -= $today;
            if ($work <= 1e-9) {
                return $at;
            }
        }
    }

    /** @param list<DayJob> $jobs all ready, on one press: whatever stands before, it ends when the work of the set is done */
    private static function bestOfSets(array $jobs): float
    {
        $n = \count($jobs);
        $least = [0 => 0.0];
        for ($set = 1; $set < 1 << $n; ++$set) {
            $work = 0.0;
            foreach ($jobs as $i => $job) {
                $work += ($set >> $i & 1) === 1 ? $job->workMin : 0.0;
            }
            $end = self::walk(0.0, $work);
            $least[$set] = \INF;
            foreach ($jobs as $i => $job) {
                if (($set >> $i & 1) === 1) {
                    $least[$set] = min($least[$set], $least[$set & ~(1 << $i)] + ($job->dueMin === null ? 0.0 : max(0.0, $end - $job->dueMin)));
                }
            }
        }

        return $least[(1 << $n) - 1];
    }

    /** Minute by minute. */
    public function testTheWorkingTimeBetweenTwoMomentsIsThatOfAClockThatIsRead(): void
    {
        $week = new WorkWeek(480, 1080, 5);
        foreach ([[0.0, 1440.0], [500.0, 700.0], [900.0, 3 * 1440.0 + 600.0], [1100.0, 1300.0], [2000.0, 100.0]] as [$from, $to]) {
            $worked = 0;
            for ($min = (int) $from; $min < $to; ++$min) {
                $worked += $week->works(intdiv($min, 1440)) && $min % 1440 >= 480 && $min % 1440 < 1080 ? 1 : 0;
            }
            self::assertEqualsWithDelta($worked, $week->between($from, $to), 1e-9);
        }
    }
}
