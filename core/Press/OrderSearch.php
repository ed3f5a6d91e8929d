<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;

/**
 * The best order of printing by what each does, out of all orders of up to eight plates: wet ink that the next screens lift where
 * inks touch, colours that an overprint shifts, and the flashes that would prevent the first. Where a flash
 * goes is found for each order by itself (shortest path over runs of plates that print wet on wet).
 *
 * @phpstan-type Harms list<list<array{float, float}>>
 */
final class OrderSearch
{
    public const MOST_PLATES = 8;
    /** A flash against what it prevents: it costs as much as a thousandth of the picture lifted wholly wet (heuristic). */
    private const FLASH_COSTS = 0.001;
    /** Of the wet ink on a tight, fine mesh the next screen lifts so little (heuristic). */
    private const WET_FINE = 0.08;
    private const WET_COARSE = 1.0;
    /** A dark ink on the back of a lighter one’s screen is carried on, by lightness (heuristic). */
    private const FOULS = 0.6;
    /** ΔE00 of a whole picture that costs as much as lifting it (heuristic). */
    private const SHIFT_DELTA_E = 20.0;
    private const EDGE_SHOWS = 0.05;
    /** A large area under a small one that touches it is dragged over it (heuristic share of the lifting). */
    private const LARGE_FIRST = 0.15;

    /**
     * @param list<PlateInOrder> $plates
     *
     * @throws ImpossibleOrder where there are too many, or the constraints contradict
     */
    public static function best(array $plates, Lab $garment, ?int $flashes = null): ScoredOrder
    {
        self::mustBe($plates);
        $first = array_keys(array_filter($plates, static fn (PlateInOrder $p): bool => $p->role === PlateRole::Base));
        $last = array_keys(array_filter($plates, static fn (PlateInOrder $p): bool => $p->raised));
        $rest = array_values(array_diff(array_keys($plates), $first, $last));
        $pairs = self::pairs($plates);
        $least = \INF;
        $best = [];
        $begun = [];
        $wet = [];
        $costs = [array_fill(0, ($flashes ?? \count($plates)) + 1, 0.0)];
        $shift = 0.0;
        foreach ($first as $i) {
            $shift += self::add($i, $begun, $wet, $costs, $pairs);
        }
        self::go($rest, $last, $begun, $wet, $costs, $shift, pairs: $pairs, least: $least, best: $best);

        return self::score($best, $plates, $pairs, $flashes);
    }

    /**
     * Tries what is left behind an order that is begun, and leaves off where it is dearer already than the best.
     *
     * @param list<int>               $rest  plates that may come next
     * @param list<int>               $last  those that come after them
     * @param list<int>               $begun
     * @param list<float>             $wet   what is lifted when all from this place on print wet on wet
     * @param list<array<int, float>> $costs of what is begun, by places and flashes used
     * @param Harms                   $pairs
     * @param list<int>               $best
     */
    private static function go(array $rest, array $last, array $begun, array $wet, array $costs, float $shift, array $pairs, float &$least, array &$best): void
    {
        $cost = \INF;
        foreach ($costs[\count($begun)] as $one) {
            $cost = min($cost, $one);
        }
        $cost += $shift;
        if ($cost >= $least - 1e-12) {
            return;
        }
        if ($rest === []) {
            if ($last === []) {
                [$least, $best] = [$cost, $begun];

                return;
            }
            [$rest, $last] = [$last, []];
        }
        foreach ($rest as $k => $next) {
            [$nextBegun, $nextWet, $nextCosts] = [$begun, $wet, $costs];
            $more = self::add($next, $nextBegun, $nextWet, $nextCosts, $pairs);
            $others = $rest;
            array_splice($others, $k, 1);
            self::go($others, $last, $nextBegun, $nextWet, $nextCosts, $shift + $more, pairs: $pairs, least: $least, best: $best);
        }
    }

    /**
     * One plate more behind an order.
     *
     * @param list<int>               $begun
     * @param list<float>             $wet
     * @param list<array<int, float>> $costs
     * @param Harms                   $pairs
     *
     * @return float what it shifts
     */
    private static function add(int $plate, array &$begun, array &$wet, array &$costs, array $pairs): float
    {
        $n = \count($begun);
        $shift = $lifted = 0.0;
        $longer = [0.0];
        for ($k = $n - 1; $k >= 0; --$k) {
            [$one, $moved] = $pairs[$begun[$k]][$plate];
            $lifted += $one;
            $shift += $moved;
            array_unshift($longer, $wet[$k] + $lifted);
        }
        $wet = $longer;
        $cost = [];
        foreach ($costs[0] as $used => $_) {
            $cheapest = $used === 0 ? $wet[0] : \INF;
            for ($start = 1; $start <= $n && $used > 0; ++$start) {
                $cheapest = min($cheapest, $costs[$start][$used - 1] + self::FLASH_COSTS + $wet[$start]);
            }
            $cost[] = $cheapest;
        }
        $begun[] = $plate;
        $costs[] = $cost;

        return $shift;
    }

    /**
     * The orders of the schools, beside which the best stands.
     *
     * @param list<PlateInOrder> $plates
     *
     * @return array<string, ScoredOrder>
     */
    public static function schools(array $plates, Lab $garment, ?int $flashes = null): array
    {
        self::mustBe($plates);
        $pairs = self::pairs($plates);

        return array_map(static fn (array $order): ScoredOrder => self::score($order, $plates, $pairs, $flashes), OrderSchools::of($plates, $garment));
    }

    /**
     * @param list<int>          $order
     * @param list<PlateInOrder> $plates
     *
     * @throws ImpossibleOrder where it is no order of them
     */
    public static function of(array $order, array $plates, ?int $flashes = null): ScoredOrder
    {
        self::mustBe($plates);
        $sorted = $order;
        sort($sorted);
        if ($sorted !== array_keys($plates)) {
            throw ImpossibleOrder::at('order', 'The order must name each plate once.');
        }

        return self::score($order, $plates, self::pairs($plates), $flashes);
    }

    /**
     * An order with the flashes that it has.
     *
     * @param list<int>          $order
     * @param list<int>          $flashAfter of them
     * @param list<PlateInOrder> $plates
     *
     * @throws ImpossibleOrder where it is no order of them
     */
    public static function flashed(array $order, array $flashAfter, array $plates): ScoredOrder
    {
        self::mustBe($plates);
        $pairs = self::pairs($plates);
        $lifted = $shift = 0.0;
        foreach ($order as $a => $earlier) {
            $wet = true;
            foreach (\array_slice($order, $a + 1) as $k => $later) {
                $wet = $wet && !\in_array($order[$a + $k], $flashAfter, true);
                $lifted += $wet ? $pairs[$earlier][$later][0] : 0.0;
                $shift += $pairs[$earlier][$later][1];
            }
        }

        return new ScoredOrder($order, $flashAfter, $lifted, $shift, $lifted + $shift + self::FLASH_COSTS * \count($flashAfter));
    }

    /**
     * Why an order is as good or bad as it is: its worst pair each way, and what its flashes are for.
     *
     * @param list<PlateInOrder> $plates
     *
     * @return list<string> plain sentences
     */
    public static function reasons(ScoredOrder $of, array $plates, Lab $garment): array
    {
        $pairs = self::pairs($plates);
        $flashed = array_flip($of->flashAfter);
        $says = [];
        $worst = [0.0, 0.0];
        $names = ['', ''];
        foreach ($of->order as $a => $earlier) {
            $wet = true;
            foreach (\array_slice($of->order, $a + 1) as $k => $later) {
                $wet = $wet && !isset($flashed[$of->order[$a + $k]]);
                [$lifted, $shifted] = $pairs[$earlier][$later];
                if ($wet && $lifted > $worst[0]) {
                    [$worst[0], $names[0]] = [$lifted, \sprintf('%s goes down while %s is wet and touches it: %.1f %% of the picture may be lifted.', $plates[$later]->name, $plates[$earlier]->name, 100 * $lifted)];
                }
                if ($shifted > $worst[1]) {
                    [$worst[1], $names[1]] = [$shifted, \sprintf('%s over %s shifts %.1f %% of the picture.', $plates[$later]->name, $plates[$earlier]->name, 100 * $shifted)];
                }
            }
        }
        foreach ($of->flashAfter as $i) {
            $says[] = \sprintf('Flash after %s: %s.', $plates[$i]->name, $plates[$i]->role === PlateRole::Base ? 'the inks stand on it' : 'it would be lifted wet by what touches it');
        }
        $base = array_filter($of->order, static fn (int $i): bool => $plates[$i]->role === PlateRole::Base);
        if ($base !== [] && array_key_first($base) !== 0) {
            $says[] = 'The base does not print first: what prints before it is covered.';
        }
        foreach ($of->order as $place => $i) {
            if ($plates[$i]->raised && $place < \count($of->order) - 1 && !$plates[$of->order[$place + 1]]->raised) {
                $says[] = \sprintf('%s is raised and prints before others: the next screens press it flat.', $plates[$i]->name);
            }
        }
        if (!Garment::isLight($garment) && $of->flashAfter === [] && \count($of->order) > 1) {
            $says[] = 'No flash: all wet on wet, as fine mesh and a light hand allow.';
        }

        return [...$says, ...array_values(array_filter($names, static fn (string $n, int $way): bool => $worst[$way] >= 0.0005, \ARRAY_FILTER_USE_BOTH))];
    }

    /**
     * @param list<int>          $order
     * @param list<PlateInOrder> $plates
     * @param Harms              $pairs  what the earlier suffers wet, and what shifts whether wet or not
     */
    private static function score(array $order, array $plates, array $pairs, ?int $mostFlashes): ScoredOrder
    {
        $n = \count($order);
        $shift = 0.0;
        for ($a = 0; $a < $n; ++$a) {
            for ($b = $a + 1; $b < $n; ++$b) {
                $shift += $pairs[$order[$a]][$order[$b]][1];
            }
        }
        // wet[a][b]: what is lifted when plates a to b print wet on wet. A base is flashed whatever it costs.
        $limit = $mostFlashes ?? $n;
        $cost = [array_fill(0, $limit + 1, 0.0)];
        $from = [];
        for ($end = 1; $end <= $n; ++$end) {
            $cost[$end] = array_fill(0, $limit + 1, \INF);
            $wet = 0.0;
            for ($start = $end - 1; $start >= 0; --$start) {
                for ($k = $start + 1; $k < $end; ++$k) {
                    $wet += $pairs[$order[$start]][$order[$k]][0];
                }
                for ($used = 0; $used <= $limit; ++$used) {
                    $before = $start === 0 ? ($used === 0 ? 0.0 : \INF) : ($used === 0 ? \INF : $cost[$start][$used - 1] + self::FLASH_COSTS);
                    if ($before + $wet < $cost[$end][$used]) {
                        $cost[$end][$used] = $before + $wet;
                        $from[$end][$used] = $start;
                    }
                }
            }
        }
        $used = 0;
        foreach ($cost[$n] as $flashes => $whole) {
            $used = $whole < $cost[$n][$used] ? $flashes : $used;
        }
        $lifted = $cost[$n][$used] - self::FLASH_COSTS * $used;
        $flashAfter = [];
        for ($end = $n, $left = $used; $end > 0; --$left) {
            $start = $from[$end][$left];
            if ($start > 0) {
                array_unshift($flashAfter, $order[$start - 1]);
            }
            $end = $start;
        }

        return new ScoredOrder($order, $flashAfter, $lifted, $shift, $cost[$n][$used] + $shift);
    }

    /**
     * @param list<PlateInOrder> $plates
     *
     * @return Harms [earlier][later]
     */
    private static function pairs(array $plates): array
    {
        $pairs = [];
        foreach ($plates as $i => $earlier) {
            foreach ($plates as $j => $later) {
                $touch = $earlier->touches[$j] ?? 0.0;
                $overlap = $earlier->overlaps[$j] ?? 0.0;
                $wet = $earlier->threadsPerCm !== null && $earlier->threadsPerCm < PrintOrder::COARSE_UNDER_PER_CM ? self::WET_COARSE : self::WET_FINE;
                if ($earlier->role === PlateRole::Base) {
                    $wet = self::WET_COARSE;
                }
                $fouls = max(0.0, $later->lab->l - $earlier->lab->l) / 100 * self::FOULS;
                $lifted = ($touch + $overlap) * $wet * (0.4 + $fouls);
                $large = $touch > 0 && $earlier->share > $later->share ? $touch * self::LARGE_FIRST : 0.0;
                // Where they overlap the later one is on top; it lets through what it does not hide.
                $over = $earlier->role === PlateRole::Base ? 0.0 : $overlap * (1 - $later->hiding) * Ciede2000::between($earlier->lab, $later->lab) / self::SHIFT_DELTA_E;
                // Flashed or not, a darker ink’s edge shows under a lighter one.
                $pairs[$i][$j] = [$lifted, $large + $over + ($touch + $overlap) * $fouls * self::EDGE_SHOWS];
            }
        }

        return array_map(array_values(...), array_values($pairs));
    }

    /** @param list<PlateInOrder> $plates */
    private static function mustBe(array $plates): void
    {
        if ($plates === []) {
            throw ImpossibleOrder::because('There is nothing to print.');
        }
        if (\count($plates) > self::MOST_PLATES) {
            throw ImpossibleOrder::at('plates', \sprintf('%d plates have more orders than can be tried. Merge near inks, or order them in two rounds of up to %d.', \count($plates), self::MOST_PLATES));
        }
    }
}
