<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** How many of so many like things are taken at each time: drying places, hands. */
final class Occupied
{
    /** Less than this is the same moment, minutes. */
    private const INSTANT = 1e-9;

    /** @var array<int, float> when one is taken or given back, in order, minutes */
    private array $turns = [];
    /** @var array<int, int> how many are taken from each of these times to the next */
    private array $taken = [];

    public function __construct(private readonly int $many)
    {
    }

    /** The first time from a moment on from which one stays free for so long. */
    public function freeFrom(float $from, float $minutes): float
    {
        $at = $from;
        $i = max(0, $this->firstTurnAfter($from + self::INSTANT) - 1);
        for ($count = \count($this->turns) - 1; $i < $count && $this->turns[$i] < $at + $minutes - self::INSTANT; ++$i) {
            $until = $this->turns[$i + 1];
            if ($this->taken[$i] >= $this->many && $until > max($at, $this->turns[$i]) + self::INSTANT) {
                $at = $until;
            }
        }

        return $at;
    }

    public function take(float $at, float $minutes): void
    {
        if ($minutes <= 0) {
            return;
        }
        $from = $this->turnAt($at);
        $to = $this->turnAt($at + $minutes);
        for ($i = $from; $i < $to; ++$i) {
            ++$this->taken[$i];
        }
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

    /** Notes that something turns at a moment: from then on as many are taken as before. */
    private function turnAt(float $moment): int
    {
        $i = $this->firstTurnAfter($moment);
        if ($i === 0 || $this->turns[$i - 1] < $moment) {
            $before = $i === 0 ? 0 : $this->taken[$i - 1];
            // Moved on one by one: most come near the end, and a splice copies them all.
            for ($last = \count($this->turns); $last > $i; --$last) {
                $this->turns[$last] = $this->turns[$last - 1];
                $this->taken[$last] = $this->taken[$last - 1];
            }
            $this->turns[$i] = $moment;
            $this->taken[$i] = $before;

            return $i;
        }

        return $i - 1;
    }
}
