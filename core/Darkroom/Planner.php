<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/**
 * Seeks a sequence of screens that meets the due times: first come, by due time, by slack and shortest first are tried,
 * then the best is mended by moving screens, those that are late first, until nothing helps or the tries are used up.
 */
final class Planner
{
    /** Sequences tried at the most, and screens laid out in them all together: some tenths of a second. */
    private const TRIES = 700;
    private const PLACED = 6000;

    /** @param list<ScreenWork> $screens as they came in */
    public static function plan(array $screens, Darkroom $room, int $tries = self::TRIES): Plan
    {
        $best = Timetable::of($screens, $room);
        $left = min($tries, intdiv(self::PLACED, max(1, \count($screens))));
        foreach (self::starts($screens) as $order) {
            $best = self::better(Timetable::of($order, $room), $best);
            --$left;
        }
        while ($best->lateness > 0 && $left > 0) {
            $before = $best;
            $best = self::mended($best, $room, $left);
            if ($best === $before) {
                break;
            }
        }

        return $best;
    }

    /** The sooner done of two plans that are equally late is the better. */
    private static function better(Plan $one, Plan $two): Plan
    {
        return [round($one->lateness, 6), round($one->endsMin, 6)] < [round($two->lateness, 6), round($two->endsMin, 6)] ? $one : $two;
    }

    /**
     * @param list<ScreenWork> $screens
     *
     * @return list<list<ScreenWork>>
     */
    private static function starts(array $screens): array
    {
        $work = static fn (ScreenWork $s): float => $s->coatMin + $s->dryMin + $s->exposeMin + $s->washMin + $s->redryMin + $s->tapeMin;
        $starts = [];
        foreach ([
            static fn (ScreenWork $s): float => $s->dueMin,
            static fn (ScreenWork $s): float => $s->dueMin - $work($s),
            $work,
            static fn (ScreenWork $s): float => $s->readyMin + $work($s),
            static fn (ScreenWork $s): float => -$s->exposeMin,
        ] as $key) {
            $order = $screens;
            usort($order, static fn (ScreenWork $a, ScreenWork $b): int => [$key($a), $a->dueMin] <=> [$key($b), $b->dueMin]);
            $starts[] = $order;
        }

        return $starts;
    }

    /** Every screen is tried at every other place, late ones first; the first gain is kept. */
    private static function mended(Plan $plan, Darkroom $room, int &$left): Plan
    {
        $order = $plan->order;
        $count = \count($order);
        $places = range(0, $count - 1);
        usort($places, static fn (int $a, int $b): int => ($plan->late[$order[$b]->name] ?? 0) <=> ($plan->late[$order[$a]->name] ?? 0));
        // The table as it stood before each screen: a change further back keeps what lies before it.
        $before = [new Timetable($room)];
        foreach ($order as $i => $screen) {
            $before[] = $next = clone $before[$i];
            $next->place($screen);
        }
        foreach ($places as $from) {
            // Swaps with every other screen, then moves to every other place.
            for ($to = 0; $to < $count && $left > 0; ++$to) {
                if ($to === $from) {
                    continue;
                }
                foreach ([self::swapped($order, $from, $to), self::moved($order, $from, $to)] as $i => $tried) {
                    if ($i === 1 && abs($from - $to) === 1) {
                        continue;
                    }
                    --$left;
                    $table = clone $before[min($from, $to)];
                    $k = min($from, $to);
                    while ($k < $count && $table->lateness <= $plan->lateness) {
                        $table->place($tried[$k++]);
                    }
                    if ($k === $count && [
                        round($table->lateness, 6),
                        round($table->endsMin, 6),
                    ] < [round($plan->lateness, 6), round($plan->endsMin, 6)]) {
                        return $table->plan($tried);
                    }
                }
            }
        }

        return $plan;
    }

    /**
     * @param list<ScreenWork> $order
     *
     * @return list<ScreenWork>
     */
    private static function swapped(array $order, int $one, int $two): array
    {
        $swapped = [];
        foreach ($order as $i => $screen) {
            $swapped[] = $i === $one ? $order[$two] : ($i === $two ? $order[$one] : $screen);
        }

        return $swapped;
    }

    /**
     * @param list<ScreenWork> $order
     *
     * @return list<ScreenWork>
     */
    private static function moved(array $order, int $from, int $to): array
    {
        $screen = $order[$from];
        array_splice($order, $from, 1);
        array_splice($order, $to, 0, [$screen]);

        return $order;
    }
}
