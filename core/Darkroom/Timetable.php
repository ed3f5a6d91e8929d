<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

use Ektype\Core\Unit\Span;

/**
 * Gives each screen in turn the earliest times that are still free: coated and at once laid to dry, burned when dry,
 * washed out at once after, dried again, taped. A screen that comes later in turn may slip into a gap, never push. Coating,
 * placing the film, washing out and taping each take a hand.
 */
final class Timetable
{
    private const INSTANT = 1e-9;
    /** Looked for a time so often a screen has none: a room that fits it has one long before. */
    private const MOST_LOOKS = 10_000;

    /** @var array<string, list<Span>> busy times of each resource, in order */
    private array $busy = [];
    private Occupied $drying;
    private Occupied $hands;
    /** @var list<PlannedStep> */
    private array $steps = [];

    /** Minutes late so far, all screens together. */
    public float $lateness = 0.0;
    public float $endsMin = 0.0;

    public function __construct(private readonly Darkroom $room)
    {
        $this->drying = new Occupied($room->dryingPlaces);
        $this->hands = new Occupied($room->hands);
    }

    public function __clone()
    {
        $this->drying = clone $this->drying;
        $this->hands = clone $this->hands;
    }

    /**
     * @param list<ScreenWork> $order
     *
     * @throws ImpossibleRoom where a screen takes longer in one go than the room is open
     */
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

    /** @throws ImpossibleRoom where the screen takes longer in one go than the room is open */
    public function place(ScreenWork $s): void
    {
        $cannot = $this->room->cannot($s);
        if ($cannot !== '') {
            throw ImpossibleRoom::at('screens', $cannot);
        }
        $dry = $this->coated($s);
        $this->lay($s, 'dry', $dry, $s->dryMin);
        $from = $dry + $s->dryMin;
        $placing = min(Handling::BURN, $s->exposeMin);
        $looks = 0;
        do {
            // Burned, it is washed out and laid down without waiting: it fits the day as a whole, or it is burned later.
            $expose = $this->free('lamp '.$s->lamp, $from, $s->exposeMin, $placing, $s->exposeMin + $s->washMin);
            $wash = $this->free('sink', $expose + $s->exposeMin, $s->washMin, $s->washMin);
            $redry = $this->drying->freeFrom($wash + $s->washMin, $s->redryMin);
            $from = $expose + max(0.0, $wash - $expose - $s->exposeMin, $redry - $wash - $s->washMin);
            $this->mustEnd($s, ++$looks);
        } while ($from > $expose + self::INSTANT);
        $this->take($s, 'expose', 'lamp '.$s->lamp, $expose, $s->exposeMin);
        $this->hands->take($expose, $placing);
        $this->take($s, 'wash', 'sink', $wash, $s->washMin);
        $this->hands->take($wash, $s->washMin);
        $this->lay($s, 'redry', $redry, $s->redryMin);
        $tape = $this->handed($redry + $s->redryMin, $s->tapeMin, $s->tapeMin);
        $this->hands->take($tape, $s->tapeMin);
        $this->steps[] = new PlannedStep($s->name, 'tape', $tape, $tape + $s->tapeMin);
        $this->lateness += max(0.0, $tape + $s->tapeMin - $s->dueMin);
        $this->endsMin = max($this->endsMin, $tape + $s->tapeMin);
    }

    /** Coats a screen, if it is not; minute from which it lies drying. */
    private function coated(ScreenWork $s): float
    {
        if ($s->coatMin <= 0) {
            // It lies there already: nobody need come for it.
            return $this->drying->freeFrom($s->readyMin, $s->dryMin);
        }
        $from = $s->readyMin;
        $looks = 0;
        // A coated screen is wet: it must find a drying place the moment it leaves the coater.
        do {
            $coat = $this->free('coater', $from, $s->coatMin, $s->coatMin);
            $dry = $this->drying->freeFrom($coat + $s->coatMin, $s->dryMin);
            $from = $dry - $s->coatMin;
            $this->mustEnd($s, ++$looks);
        } while ($dry > $coat + $s->coatMin + self::INSTANT);
        $this->take($s, 'coat', 'coater', $coat, $s->coatMin);
        $this->hands->take($coat, $s->coatMin);

        return $dry;
    }

    /**
     * The first time at which a resource is free for so long, and a hand for the first part of it.
     *
     * @param float      $handMin how long a hand is needed from the start
     * @param float|null $inOne   minutes for which somebody must be there without a break; null takes the resource’s own
     */
    private function free(string $resource, float $from, float $minutes, float $handMin, ?float $inOne = null): float
    {
        $inOne ??= $minutes;
        $at = $this->handed($from, $inOne, $handMin);
        // Busy times stand in order: one pass finds the first gap that is wide enough.
        foreach ($this->busy[$resource] ?? [] as $taken) {
            if ($taken->from >= $at + $minutes - self::INSTANT) {
                break;
            }
            if ($taken->to > $at + self::INSTANT) {
                $at = $this->handed($taken->to, $inOne, $handMin);
            }
        }

        return $at;
    }

    /** The first time at which the room is open for so long, with a hand free for the first part of it. */
    private function handed(float $from, float $minutes, float $handMin): float
    {
        $at = $this->room->attended($from, $minutes);
        while (($free = $this->hands->freeFrom($at, $handMin)) > $at + self::INSTANT) {
            $at = $this->room->attended($free, $minutes);
        }

        return $at;
    }

    private function mustEnd(ScreenWork $s, int $looks): void
    {
        if ($looks > self::MOST_LOOKS) {
            throw ImpossibleRoom::at('screens', \sprintf('%s finds no time in this room. Open longer, or add places to dry.', $s->name));
        }
    }

    private function take(ScreenWork $s, string $step, string $resource, float $at, float $minutes): void
    {
        $taken = $this->busy[$resource] ?? [];
        $i = \count($taken);
        while ($i > 0 && $taken[$i - 1]->from > $at) {
            --$i;
        }
        array_splice($taken, $i, 0, [new Span($at, $at + $minutes)]);
        $this->busy[$resource] = $taken;
        $this->steps[] = new PlannedStep($s->name, $step, $at, $at + $minutes);
    }

    private function lay(ScreenWork $s, string $step, float $at, float $minutes): void
    {
        $this->drying->take($at, $minutes);
        $this->steps[] = new PlannedStep($s->name, $step, $at, $at + $minutes);
    }
}
