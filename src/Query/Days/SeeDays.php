<?php

declare(strict_types=1);

namespace Ektype\App\Query\Days;

use Ektype\App\Query\Darkroom\RoomPlan;
use Ektype\App\Query\Darkroom\SeeDarkroom;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Run\SeeRunBoard;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Press\Press;
use Ektype\Core\Days\DayJob;
use Ektype\Core\Days\DaysPlan;
use Ektype\Core\Days\DaysPlanner;
use Ektype\Core\Days\ImpossibleDays;
use Ektype\Core\Days\JobOnDays;
use Ektype\Core\Days\StartBy;
use Ektype\Core\Days\WorkWeek;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Run\RunCount;
use Sabre\VObject\Component\VCalendar;

/** Jobs over days and presses, after their screens are made. */
final readonly class SeeDays
{
    private const DAY = 1440.0;
    /** So many jobs are planned, those that are due first. */
    private const MOST = 60;

    public function __construct(private Moment $moment, private SeeDarkroom $darkroom)
    {
    }

    /**
     * @param list<int> $order by hand; empty lets the plan choose
     * @param int|null  $late  a job whose screens or garments come later
     * @param float     $by    so many days
     */
    public function plan(array $order = [], ?int $late = null, float $by = 1.0): DaysBench
    {
        $room = $this->darkroom->plan();

        return $this->moment->see(static fn (Snapshot $shop): DaysBench => self::bench($shop, $room, $order, $late, $by));
    }

    /** All of it for a calendar (RFC 5545). */
    public function calendar(): string
    {
        $bench = $this->plan();
        $calendar = new VCalendar(['PRODID' => '-//Ektype//Days//EN']);
        $names = array_column($bench->presses, 'name', 'id');
        $midnight = new \DateTimeImmutable($bench->starts);
        $at = static fn (float $min): \DateTimeImmutable => $midnight->modify(\sprintf('+%d minutes', (int) round($min)));
        foreach ($bench->jobs as $job) {
            $calendar->add('VEVENT', [
                'UID' => \sprintf('job-%d@ektype', $job->id),
                'SUMMARY' => $job->name,
                'LOCATION' => $names[$job->press] ?? '',
                'DTSTART' => $at($job->startMin),
                'DTEND' => $at($job->endMin),
                'DESCRIPTION' => $job->lateMin > 0 ? \sprintf('%.1f days after it is due.', $job->lateMin / self::DAY) : 'In time.',
            ]);
        }

        return $calendar->serialize();
    }

    /** @param list<int> $asked */
    private static function bench(Snapshot $shop, RoomPlan $room, array $asked, ?int $late, float $by): DaysBench
    {
        $week = new WorkWeek((int) $room->opensMin, (int) $room->closesMin, (int) $shop->now->format('N'));
        $presses = $shop->shelves->printing->presses->all();
        $jobs = $shop->shelves->jobs->dueFirst(0, self::MOST);
        $made = self::made($room);
        $work = [];
        $cannot = [];
        foreach ($jobs as $job) {
            try {
                $work[$job->idOrFail()] = self::dayJob($job, $shop, $room, $made, $presses);
            } catch (ImpossibleDays $not) {
                $cannot[] = $not->getMessage();
            }
        }
        $came = array_values($work);
        usort($came, static fn (DayJob $a, DayJob $b): int => $a->id <=> $b->id);
        $first = DaysPlan::of($came, $week);
        $usual = $asked === [] ? DaysPlanner::plan($came, $week) : DaysPlan::of(self::ordered($asked, $work), $week);
        $plan = $usual;
        if ($late !== null && isset($work[$late])) {
            $one = $work[$late];
            $work[$late] = new DayJob($one->id, $one->name, max($one->readyMin, $room->startsMin) + $by * self::DAY, $one->workMin, $one->dueMin, $one->presses);
            $plan = DaysPlan::of(array_map(static fn (DayJob $j): DayJob => $work[$j->id], $usual->order()), $week);
        }
        $seen = self::seen($plan, $usual, $jobs, $made, $week, $room);

        return new DaysBench(
            substr($room->starts, 0, 10),
            $room->startsMin,
            $room->opensMin,
            $room->closesMin,
            $presses === [] ? [new PressInDays(0, 'The press')] : array_map(static fn (Press $p): PressInDays => new PressInDays($p->idOrFail(), $p->name), $presses),
            jobs: $seen,
            rests: array_values(array_filter(range(0, 27), static fn (int $day): bool => !$week->works($day))),
            lateMin: $plan->lateMin,
            firstMin: $first->lateMin,
            byHand: $asked !== [],
            says: [...self::says($seen, $late, $room->startsMin), ...$cannot],
        );
    }

    /** @return array<int, float> by job, when the last of its screens is taped, from midnight */
    private static function made(RoomPlan $room): array
    {
        $made = [];
        foreach ($room->screens as $screen) {
            foreach ($screen->steps as $step) {
                $made[$screen->plateOf->jobId] = max($made[$screen->plateOf->jobId] ?? 0.0, $room->startsMin + $step->toMin);
            }
        }

        return $made;
    }

    /**
     * @param array<int, float> $made
     * @param list<Press>       $presses
     */
    private static function dayJob(Job $job, Snapshot $shop, RoomPlan $room, array $made, array $presses): DayJob
    {
        $plates = $job->platesInOrder();
        $rates = $shop->shelves->printing->prices->ours()->rates();
        $screens = max(1, \count($plates));
        $minutes = $plates === [] ? 60.0 : self::printing($job, $shop);
        $fits = array_values(array_filter($presses, static fn (Press $p): bool => $job->press === null ? (!$p->kind->way()->carriesAll() || $p->heads >= $screens) : $p === $job->press));

        return new DayJob(
            $job->idOrFail(),
            $job->name,
            // Without plates its screens come after those that are planned.
            $plates === [] ? $room->startsMin + $room->endsMin : $made[$job->idOrFail()] ?? $room->startsMin,
            ($minutes < 1 ? 0.0 : $screens * $rates->setUpMinutes + $rates->strikeOffMinutes) + $minutes,
            $job->dueOn === null ? null : self::due($job->dueOn, $room),
            $presses === [] ? [0] : array_map(static fn (Press $p): int => $p->idOrFail(), $fits),
        );
    }

    /** Minutes of printing that are left. */
    private static function printing(Job $job, Snapshot $shop): float
    {
        $book = new ScreenBook($job, $shop);
        $minutes = array_sum(array_map(static fn (LineChange $c): float => $c->minutes, $book->changes()));
        $told = $shop->shelves->printing->runs->of($job);
        if ($told === []) {
            return $minutes;
        }
        $count = RunCount::of(SeeRunBoard::order($job, $book), $told, (int) $shop->now->format('Uv'));

        return $count->goes->endedMs !== null ? 0.0 : $minutes * max(0, $count->ordered - $count->good) / max(1, $count->ordered);
    }

    private static function due(string $day, RoomPlan $room): float
    {
        $days = (int) (new \DateTimeImmutable(substr($room->starts, 0, 10)))->diff(new \DateTimeImmutable($day))->format('%r%a');

        return $days * self::DAY + $room->closesMin;
    }

    /**
     * @param list<int>          $asked
     * @param array<int, DayJob> $work
     *
     * @return list<DayJob>
     *
     * @throws ImpossibleDays where a job is named that is not open
     */
    private static function ordered(array $asked, array $work): array
    {
        $order = [];
        foreach ($asked as $id) {
            if (!isset($work[$id])) {
                throw ImpossibleDays::at('order', 'A job in that order is not open any more. Look at the days again and move it once more.');
            }
            $order[$id] = $work[$id];
        }

        return array_values($order + $work);
    }

    /**
     * @param list<Job>         $jobs
     * @param array<int, float> $made
     *
     * @return list<JobInDays>
     */
    private static function seen(DaysPlan $plan, DaysPlan $usual, array $jobs, array $made, WorkWeek $week, RoomPlan $room): array
    {
        $before = [];
        foreach ($usual->jobs as $one) {
            $before[$one->job->id] = $one->startMin;
        }
        $by = [];
        foreach ($jobs as $job) {
            $by[$job->idOrFail()] = $job;
        }

        return array_map(static function (JobOnDays $one) use ($by, $made, $week, $room, $before): JobInDays {
            $start = StartBy::of($one->job, isset($made[$one->job->id]) ? max(0.0, $made[$one->job->id] - $room->startsMin) : 0.0, $week, $room->startsMin);

            return new JobInDays(
                $one->job->id,
                $one->job->name,
                $by[$one->job->id]->garmentHex,
                $one->press,
                readyMin: $one->job->readyMin,
                startMin: $one->startMin,
                endMin: $one->endMin,
                dueMin: $one->job->dueMin,
                lateMin: $one->lateMin,
                beginMin: $start->pressMin,
                screenMin: $start->screenMin,
                canBe: $start->canBe,
                movedMin: $one->startMin - ($before[$one->job->id] ?? $one->startMin),
            );
        }, $plan->jobs);
    }

    /** @param list<JobInDays> $jobs */
    private static function names(array $jobs): string
    {
        return implode(', ', array_map(static fn (JobInDays $j): string => $j->name, $jobs));
    }

    /**
     * @param list<JobInDays> $seen
     *
     * @return list<string>
     */
    private static function says(array $seen, ?int $late, float $nowMin): array
    {
        $tonight = (floor($nowMin / self::DAY) + 1) * self::DAY;
        $today = array_values(array_filter($seen, static fn (JobInDays $j): bool => $j->canBe && $j->screenMin !== null && $j->screenMin < $tonight));
        $press = array_values(array_filter($seen, static fn (JobInDays $j): bool => $j->canBe && $j->beginMin !== null && $j->beginMin < $tonight && $j->endMin > $j->startMin));
        $cannot = array_values(array_filter($seen, static fn (JobInDays $j): bool => !$j->canBe && $j->lateMin > 0));
        $moved = $late === null ? [] : array_values(array_filter($seen, static fn (JobInDays $j): bool => $j->id !== $late && abs($j->movedMin) >= 1));

        return array_values(array_filter([
            $today === [] ? '' : \sprintf('Begin the screens of %s today, or %s late.', self::names($today), \count($today) === 1 ? 'it is' : 'they are'),
            $press === [] ? '' : \sprintf('On the press today: %s.', self::names($press)),
            $cannot === [] ? '' : \sprintf('%s cannot be in time any more: tell the customer, or work an evening.', self::names($cannot)),
            $late === null ? '' : ($moved === [] ? 'Nothing else moves.' : \sprintf('With it move: %s.', self::names($moved))),
        ], static fn (string $one): bool => $one !== ''));
    }
}
