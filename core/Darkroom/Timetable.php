<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/**
 * Gives each screen in turn the earliest times that are still free: coated and at once laid to dry, burned when dry,
 * washed out at once after, dried again, taped. A screen that comes later in turn may slip into a gap, never push.
 */
final class Timetable
{
    /** @var array<string, list<array{float, float}>> busy times of each resource, in order */
    private array $busy = [];
    /** @var list<array{float, float}> times for which a drying place is taken */
    private array $drying = [];
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

    private function dryFrom(float $from, float $minutes): float
    {
        $at = $from;
        while (true) {
            // Places taken change only where one begins or ends; the most at once within the time counts.
            $ends = [];
            $most = 0;
            $edges = [];
            foreach ($this->drying as [$start, $end]) {
                if ($start < $at + $minutes - 1e-9 && $end > $at + 1e-9) {
                    $edges[] = max($start, $at);
                    $ends[] = $end;
                }
            }
            if (\count($ends) < $this->room->dryingPlaces) {
                return $at;
            }
            sort($edges);
            sort($ends);
            for ($i = 0, $left = 0; $i < \count($edges); ++$i) {
                while ($ends[$left] <= $edges[$i] + 1e-9) {
                    ++$left;
                }
                $most = max($most, $i + 1 - $left);
            }
            if ($most < $this->room->dryingPlaces) {
                return $at;
            }
            $at = $ends[0];
        }
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
        $this->drying[] = [$at, $at + $minutes];
        $this->steps[] = new PlannedStep($s->name, $step, $at, $at + $minutes);
    }
}
