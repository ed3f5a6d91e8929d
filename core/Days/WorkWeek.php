<?php

declare(strict_types=1);

namespace Ektype\Core\Days;

/** When a shop works: its hours, and the days of the week on which it does. Minutes count from the midnight before the plan begins. */
final readonly class WorkWeek
{
    private const DAY = 1440.0;

    /**
     * @param int       $opensMin minutes after midnight
     * @param int       $weekday  of the day on which the plan begins, 1 is Monday
     * @param list<int> $rests    weekdays on which nobody works
     *
     * @throws ImpossibleDays where it never works
     */
    public function __construct(public int $opensMin, public int $closesMin, public int $weekday = 1, public array $rests = [6, 7])
    {
        if ($closesMin <= $opensMin) {
            throw ImpossibleDays::at('closes', 'The shop cannot close before it opens. Swap the two, or look at the clock.');
        }
        if (\count(array_intersect(range(1, 7), $rests)) === 7) {
            throw ImpossibleDays::at('rests', 'The shop rests on every day of the week: nothing is ever printed.');
        }
    }

    public function works(int $day): bool
    {
        return !\in_array((($this->weekday - 1 + $day) % 7 + 7) % 7 + 1, $this->rests, true);
    }

    /** The first minute from then on at which the shop works. */
    public function next(float $min): float
    {
        $day = (int) floor($min / self::DAY);
        while (!$this->works($day) || $min >= $day * self::DAY + $this->closesMin) {
            $min = ++$day * self::DAY;
        }

        return max($min, $day * self::DAY + $this->opensMin);
    }

    /** When so many minutes of work that begin then are done; nights and days of rest between do not count. */
    public function done(float $from, float $minutes): float
    {
        $at = $this->next($from);
        $left = $minutes;
        while (true) {
            $closes = floor($at / self::DAY) * self::DAY + $this->closesMin;
            if ($at + $left <= $closes + 1e-9) {
                return $at + $left;
            }
            $left -= $closes - $at;
            $at = $this->next($closes);
        }
    }

    /** Minutes of work between two moments; none where the second is past. */
    public function between(float $from, float $to): float
    {
        $sum = 0.0;
        for ($day = (int) floor($from / self::DAY); $day * self::DAY < $to; ++$day) {
            if ($this->works($day)) {
                $sum += max(0.0, min($to, $day * self::DAY + $this->closesMin) - max($from, $day * self::DAY + $this->opensMin));
            }
        }

        return $sum;
    }

    /** The latest minute at which so much work begins so that it is done by then; it may lie before the plan. */
    public function begins(float $by, float $minutes): float
    {
        $day = (int) floor($by / self::DAY);
        $left = $minutes;
        $until = $by;
        while (true) {
            if ($this->works($day)) {
                $end = min($until, $day * self::DAY + $this->closesMin);
                $start = $day * self::DAY + $this->opensMin;
                if ($end > $start) {
                    if ($end - $left >= $start - 1e-9) {
                        return $end - $left;
                    }
                    $left -= $end - $start;
                }
            }
            --$day;
        }
    }
}
