<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/**
 * Gives each screen in turn the earliest times that are still free: coated and at once laid to dry, burned when dry,
 * washed out at once after, dried again, taped. A screen that comes later in turn may slip into a gap, never push.
 */
final class Timetable
{
    /** Less than this is the same moment, minutes. */
    private const INSTANT = 1e-9;

    /** @var array<string, list<array{float, float}>> busy times of each resource, in order */
    private array $busy = [];
    /** @var array<int, float> when a drying place is taken or given back, in order, minutes */
    private array $turns = [];
    /** @var array<int, int> drying places taken from each of these times to the next */
    private array $taken = [];
    /** @var list<PlannedStep> */
    private array $steps = [];

    /** Minutes late so far, all screens together. */
    public float $lateness = 0.0;
    public float $endsMin = 0.0;

    public function __construct(private readonly Darkroom $room)
    {
    }

    /** @param list<ScreenWork> $order */
    public static function of(array $order, Darkroom $room): Plan
    {
        $table = new self($room);
        foreach ($order as $screen) {
            $table->place($screen);
        }

        return $table->plan($order);
    }

    /** @param list<ScreenWork> $order the screens that were placed */
    public function plan(array $order): Plan
    {
        return new Plan($order, $this->steps);
    }

    public function place(ScreenWork $s): void
    {
        $dry = $this->coated($s);
        $this->lay($s, 'dry', $dry, $s->dryMin);
        $from = $dry + $s->dryMin;
        do {
            $expose = $this->free('lamp '.$s->lamp, $from, $s->exposeMin);
            $wash = $this->free('sink', $expose + $s->exposeMin, $s->washMin);
            $redry = $this->dryFrom($wash + $s->washMin, $s->redryMin);
            // Burned, it is washed out and laid down without waiting: else it is burned later.
            $from = $expose + max(0.0, $wash - $expose - $s->exposeMin, $redry - $wash - $s->washMin);
        } while ($from > $expose + 1e-9);
        $this->take($s, 'expose', 'lamp '.$s->lamp, $expose, $s->exposeMin);
        $this->take($s, 'wash', 'sink', $wash, $s->washMin);
        $this->lay($s, 'redry', $redry, $s->redryMin);
        $tape = $this->room->attended($redry + $s->redryMin, $s->tapeMin);
        $this->steps[] = new PlannedStep($s->name, 'tape', $tape, $tape + $s->tapeMin);
        $this->lateness += max(0.0, $tape + $s->tapeMin - $s->dueMin);
        $this->endsMin = max($this->endsMin, $tape + $s->tapeMin);
    }

    /** Coats a screen, if it is not; minute from which it lies drying. */
    private function coated(ScreenWork $s): float
    {
        if ($s->coatMin <= 0) {
            // It lies there already: nobody need come for it.
            return $this->dryFrom($s->readyMin, $s->dryMin);
        }
        $from = $s->readyMin;
        // A coated screen is wet: it must find a drying place the moment it leaves the coater.
        do {
            $coat = $this->free('coater', $from, $s->coatMin);
            $dry = $this->dryFrom($coat + $s->coatMin, $s->dryMin);
            $from = $dry - $s->coatMin;
        } while ($dry > $coat + $s->coatMin + 1e-9);
        $this->take($s, 'coat', 'coater', $coat, $s->coatMin);

        return $dry;
    }

    /** The first time at which a resource and somebody to use it are free for so long. */
    private function free(string $resource, float $from, float $minutes): float
    {
        $at = $this->room->attended($from, $minutes);
        // Busy times stand in order: one pass finds the first gap that is wide enough.
        foreach ($this->busy[$resource] ?? [] as [$start, $end]) {
            if ($start >= $at + $minutes - 1e-9) {
                break;
            }
            if ($end > $at + 1e-9) {
                $at = $this->room->attended($end, $minutes);
            }
        }

        return $at;
    }

    /** The first time from a moment on from which a drying place stays free for so long. */
    private function dryFrom(float $from, float $minutes): float
    {
        $at = $from;
        $i = max(0, $this->firstTurnAfter($from + self::INSTANT) - 1);
        for ($count = \count($this->turns) - 1; $i < $count && $this->turns[$i] < $at + $minutes - self::INSTANT; ++$i) {
            $until = $this->turns[$i + 1];
            if ($this->taken[$i] >= $this->room->dryingPlaces && $until > max($at, $this->turns[$i]) + self::INSTANT) {
                $at = $until;
            }
        }

        return $at;
    }

    /** @return int<0, max> which of the turns is the first that comes later than a moment; their number where none does */
    private function firstTurnAfter(float $moment): int
    {
        [$low, $high] = [0, \count($this->turns)];
        while ($low < $high) {
            $middle = ($low + $high) >> 1;
            if ($this->turns[$middle] > $moment) {
                $high = $middle;
            } else {
                $low = $middle + 1;
            }
        }

        return $low;
    }

    /** Notes that something turns at a moment: from then on as many places are taken as before. */
    private function turnAt(float $moment): int
    {
        $i = $this->firstTurnAfter($moment);
        if ($i === 0 || $this->turns[$i - 1] < $moment) {
            array_splice($this->turns, $i, 0, [$moment]);
            array_splice($this->taken, $i, 0, [$i === 0 ? 0 : $this->taken[$i - 1]]);

            return $i;
        }

        return $i - 1;
    }

    private function take(ScreenWork $s, string $step, string $resource, float $at, float $minutes): void
    {
        $taken = $this->busy[$resource] ?? [];
        $i = \count($taken);
        while ($i > 0 && $taken[$i - 1][0] > $at) {
            --$i;
        }
        array_splice($taken, $i, 0, [[$at, $at + $minutes]]);
        $this->busy[$resource] = $taken;
        $this->steps[] = new PlannedStep($s->name, $step, $at, $at + $minutes);
    }

    private function lay(ScreenWork $s, string $step, float $at, float $minutes): void
    {
        if ($minutes > 0) {
            $from = $this->turnAt($at);
            $to = $this->turnAt($at + $minutes);
            for ($i = $from; $i < $to; ++$i) {
                ++$this->taken[$i];
            }
        }
        $this->steps[] = new PlannedStep($s->name, $step, $at, $at + $minutes);
    }
}
