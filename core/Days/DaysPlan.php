<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

/** Jobs over days and presses. */
final readonly class DaysPlan
{
    private const AMPLE_MIN = 2880.0;

    public float $lateMin;
    /** The least time that any job is done before it is due; more than two days count as two. */
    public float $marginMin;
    /** When each job is done, all together: of two plans that are equally late, with as much to spare, the sooner one is the better. */
    public float $endsMin;

    /** @param list<JobOnDays> $jobs in the order in which they got their turn */
    private function __construct(public array $jobs)
    {
        $this->lateMin = array_sum(array_map(static fn (JobOnDays $j): float => $j->lateMin, $jobs));
        $this->marginMin = min([self::AMPLE_MIN, ...array_map(static fn (JobOnDays $j): float => ($j->job->dueMin ?? \INF) - $j->endMin, $jobs)]);
        $this->endsMin = array_sum(array_map(static fn (JobOnDays $j): float => $j->endMin, $jobs));
    }

    /**
     * Each job in turn on the press that has it done first.
     *
     * @param list<DayJob>    $order
     * @param array<int, int> $onto  press by job where it is not to choose
     */
    public static function of(array $order, WorkWeek $week, array $onto = []): self
    {
        $free = [];
        $jobs = [];
        foreach ($order as $job) {
            $best = null;
            foreach (isset($onto[$job->id]) ? [$onto[$job->id]] : $job->presses as $press) {
                $start = $week->next(max($free[$press] ?? 0.0, $job->readyMin));
                $end = $week->done($start, $job->workMin);
                if ($best === null || $end < $best->endMin - 1e-9) {
                    $best = new JobOnDays($job, $press, $start, $end, $job->dueMin === null ? 0.0 : max(0.0, $end - $job->dueMin));
                }
            }
            if ($best !== null) {
                $free[$best->press] = $best->endMin;
                $jobs[] = $best;
            }
        }

        return new self($jobs);
    }

    public function betterThan(self $other): bool
    {
        return [round($this->lateMin, 6), -round($this->marginMin, 6), round($this->endsMin, 6)] < [round($other->lateMin, 6), -round($other->marginMin, 6), round($other->endsMin, 6)];
    }

    /** @return list<DayJob> */
    public function order(): array
    {
        return array_map(static fn (JobOnDays $j): DayJob => $j->job, $this->jobs);
    }
}
