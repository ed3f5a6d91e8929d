<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;

/**
 * The best order of printing by what each does, out of all orders of up to eight plates. Held whatever they cost: bases first and
 * flashed where an opaque ink stands on them, highlights after the colours, raised inks last. Weighed: wet ink that the next screens
 * pick up where inks touch, colours that an overprint shifts, a dark opaque ink before a lighter one that touches it, and the flashes
 * that would prevent the first. Where a flash goes is found for each order by itself (shortest path over runs of plates that print
 * wet on wet). Of orders that are equally good the one from light to dark is taken. Transparent inks print over each other by design.
 *
 * @phpstan-type Harms list<list<array{float, float}>>
 */
final readonly class OrderSearch
{
    public const MOST_PLATES = 8;
    /** A flash against what it prevents: it costs as much as 0.15 % of the picture picked up wholly wet (heuristic). */
    private const FLASH_COSTS = 0.0015;
    /** Of the wet ink on a tight, fine mesh the next screen picks up so little (heuristic). */
    private const WET_FINE = 0.04;
    private const WET_COARSE = 1.0;
    /** A dark ink on the back of a lighter one’s screen is carried on, by lightness (heuristic). */
    private const FOULS = 0.6;
    /** A highlight that is dulled is seen so much more (heuristic). */
    private const HIGHLIGHT = 3.0;
    /** ΔE00 of a whole picture that costs as much as picking it up (heuristic). */
    private const SHIFT_DELTA_E = 20.0;
    private const EDGE_SHOWS = 0.05;
    /** A large area under a small one that touches it is dragged over it (heuristic share of the pick-up; by how much larger it is). */
    private const LARGE_FIRST = 0.03;
    /** Light before dark where opaque inks touch, unless more than this speaks against it: what the weights above may be off (heuristic). */
    private const DARK_FIRST = 0.002;
    private const TOUCHES = 0.0005;
    private const DARKER_BY = 3.0;
    /** More than any order costs: what must be flashed is. */
    private const NEVER = 1000.0;

    /** @var Harms [earlier][later]: what the earlier suffers wet, and what shifts whether wet or not */
    private array $pairs;
    private int $limit;
    /** @var array<int, bool> whether it is a base on which an opaque ink stands */
    private array $gels;

    /**
     * @param list<PlateInOrder> $plates
     * @param int|null           $flashes that there are at the most
     *
     * @throws ImpossibleOrder where there are none or too many
     */
    public function __construct(private array $plates, private Lab $garment, ?int $flashes = null, private OrderTerms $terms = new OrderTerms())
    {
        if ($plates === []) {
            throw ImpossibleOrder::because('There is nothing to print.');
        }
        if (\count($plates) > self::MOST_PLATES) {
            throw ImpossibleOrder::at('plates', \sprintf('%d plates have more orders than can be tried. Merge near inks, or order them in two rounds of up to %d.', \count($plates), self::MOST_PLATES));
        }
        $this->limit = $terms->dries ? 0 : $flashes ?? \count($plates);
        $this->gels = array_map($this->mustGel(...), array_keys($plates));
        $this->pairs = array_map(fn (int $i): array => array_map(fn (int $j): array => $this->pair($i, $j), array_keys($plates)), array_keys($plates));
    }

    public function best(): ScoredOrder
    {
        $groups = [[], [], [], []];
        foreach ($this->lightFirst() as $i) {
            $groups[OrderSchools::rank($this->plates[$i])][] = $i;
        }
        $least = \INF;
        $best = [];
        $begun = [];
        $wet = [];
        $costs = [array_fill(0, $this->limit + 1, 0.0)];
        $this->go($groups, $begun, $wet, $costs, 0.0, least: $least, best: $best);

        return $this->score($best);
    }

    /** @return list<int> plates as they would be tried first: light to dark, or as they are where transparent inks were reckoned so */
    private function lightFirst(): array
    {
        $order = array_keys($this->plates);
        $asTheyAre = $this->terms->dries || array_filter($this->plates, static fn (PlateInOrder $p): bool => !$p->transparent && $p->role === PlateRole::Colour) === [];
        if (!$asTheyAre) {
            usort($order, fn (int $a, int $b): int => [-$this->plates[$a]->lab->l, $this->plates[$a]->share, $a] <=> [-$this->plates[$b]->lab->l, $this->plates[$b]->share, $b]);
        }

        return $order;
    }

    /**
     * Tries what is left behind an order that is begun, and leaves off where it is dearer already than the best.
     *
     * @param array<int, list<int>>   $groups plates that may come next, those that come after them, and so on
     * @param list<int>               $begun
     * @param list<float>             $wet    what is picked up when all from this place on print wet on wet
     * @param list<array<int, float>> $costs  of what is begun, by places and flashes used
     * @param list<int>               $best
     */
    private function go(array $groups, array $begun, array $wet, array $costs, float $shift, float &$least, array &$best): void
    {
        $cost = \INF;
        foreach ($costs[\count($begun)] as $one) {
            $cost = min($cost, $one);
        }
        $cost += $shift;
        if ($cost >= $least - 1e-12) {
            return;
        }
        while ($groups !== [] && $groups[0] === []) {
            array_shift($groups);
        }
        if ($groups === []) {
            [$least, $best] = [$cost, $begun];

            return;
        }
        foreach ($groups[0] as $k => $next) {
            [$nextBegun, $nextWet, $nextCosts] = [$begun, $wet, $costs];
            $more = $this->add($next, $nextBegun, $nextWet, $nextCosts);
            $others = $groups;
            array_splice($others[0], $k, 1);
            $this->go($others, $nextBegun, $nextWet, $nextCosts, $shift + $more, least: $least, best: $best);
        }
    }

    /**
     * One plate more behind an order.
     *
     * @param list<int>               $begun
     * @param list<float>             $wet
     * @param list<array<int, float>> $costs
     *
     * @return float what it shifts, and what speaks against a darker one before it
     */
    private function add(int $plate, array &$begun, array &$wet, array &$costs): float
    {
        $n = \count($begun);
        $shift = $lifted = 0.0;
        $longer = [0.0];
        for ($k = $n - 1; $k >= 0; --$k) {
            $lifted += $this->wet($begun[$k], $plate);
            $shift += $this->pairs[$begun[$k]][$plate][1] + $this->darkFirst($begun[$k], $plate);
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

    /** @return array<string, ScoredOrder> the orders of the schools, beside which the best stands */
    public function schools(): array
    {
        return array_map($this->score(...), OrderSchools::of($this->plates, $this->garment));
    }

    /**
     * @param list<int> $order
     *
     * @throws ImpossibleOrder where it is no order of them
     */
    public function of(array $order): ScoredOrder
    {
        $sorted = $order;
        sort($sorted);
        if ($sorted !== array_keys($this->plates)) {
            throw ImpossibleOrder::at('order', 'The order must name each plate once.');
        }

        return $this->score($order);
    }

    /**
     * An order with the flashes that it has.
     *
     * @param list<int> $order
     * @param list<int> $flashAfter of them
     */
    public function flashed(array $order, array $flashAfter): ScoredOrder
    {
        $lifted = $shift = $dark = 0.0;
        foreach ($order as $a => $earlier) {
            $wet = true;
            foreach (\array_slice($order, $a + 1) as $k => $later) {
                $wet = $wet && !\in_array($order[$a + $k], $flashAfter, true);
                $lifted += $wet ? $this->pairs[$earlier][$later][0] : 0.0;
                $shift += $this->pairs[$earlier][$later][1];
                $dark += $this->darkFirst($earlier, $later);
            }
        }

        return new ScoredOrder($order, $flashAfter, $lifted, $shift, $lifted + $shift + $dark + self::FLASH_COSTS * \count($flashAfter));
    }

    /**
     * What each flash is for. One that spares less than it costs may be left out; the next is weighed as if it were.
     *
     * @return list<string>
     */
    private function flashesSay(ScoredOrder $of): array
    {
        $says = [];
        $stand = $of->flashAfter;
        foreach ($of->flashAfter as $plate) {
            $without = array_values(array_diff($stand, [$plate]));
            $isBase = $this->plates[$plate]->role === PlateRole::Base;
            $spares = $this->flashed($of->order, $without)->lifted - $this->flashed($of->order, $stand)->lifted;
            $stand = $isBase || $spares >= self::FLASH_COSTS ? $stand : $without;
            $says[] = \sprintf('Flash after %s: %s.', $this->plates[$plate]->name, match (true) {
                $isBase => 'the inks stand on it',
                \in_array($plate, $stand, true) => 'what touches it would pick it up wet',
                default => 'little would be picked up without it, so it may be left out',
            });
        }

        return $says;
    }

    /**
     * Why an order is as good or bad as it is: its worst pair each way, and what its flashes are for.
     *
     * @return list<string> plain sentences
     */
    public function reasons(ScoredOrder $of): array
    {
        if ($this->terms->dries) {
            return ['Each layer dries on the rack before the next: no flash, nothing wet to pick up.'];
        }
        $flashed = array_flip($of->flashAfter);
        $says = $this->flashesSay($of);
        $worst = [0.0, 0.0];
        $names = ['', ''];
        $dark = [];
        foreach ($of->order as $a => $earlier) {
            $wet = true;
            foreach (\array_slice($of->order, $a + 1) as $k => $later) {
                $wet = $wet && !isset($flashed[$of->order[$a + $k]]);
                [$lifted, $shifted] = $this->pairs[$earlier][$later];
                if ($wet && $lifted > $worst[0]) {
                    [$worst[0], $names[0]] = [$lifted, \sprintf('%s prints on wet %s and touches it: pick-up on %.1f %% of the picture.', $this->plates[$later]->name, $this->plates[$earlier]->name, 100 * $lifted)];
                }
                if ($shifted > $worst[1]) {
                    [$worst[1], $names[1]] = [$shifted, \sprintf('%s over %s shifts the colour of %.1f %% of the picture.', $this->plates[$later]->name, $this->plates[$earlier]->name, 100 * $shifted)];
                }
                if ($this->darkFirst($earlier, $later) > 0) {
                    $dark[] = \sprintf('%s prints before the lighter %s that touches it: clean the back of the screens more often.', $this->plates[$earlier]->name, $this->plates[$later]->name);
                }
            }
        }
        $base = array_filter($of->order, fn (int $i): bool => $this->plates[$i]->role === PlateRole::Base);
        if ($base !== [] && array_key_first($base) !== 0) {
            $says[] = 'The base does not print first: what prints before it is covered.';
        }
        $bare = array_filter($base, fn (int $i): bool => $this->gels[$i] && !$this->isFlashedAfter($i, $of));
        if ($bare !== []) {
            $says[] = 'The base is not flashed: the inks that stand on it sink into it wet.';
        }
        foreach ($of->order as $place => $i) {
            $next = $of->order[$place + 1] ?? null;
            if ($next !== null && $this->plates[$i]->raised && !$this->plates[$next]->raised) {
                $says[] = \sprintf('%s is raised and prints before others: the next screens press it flat.', $this->plates[$i]->name);
            }
            if ($next !== null && $this->plates[$i]->role === PlateRole::Highlight && OrderSchools::rank($this->plates[$next]) === 1) {
                $says[] = \sprintf('%s prints before %s: the highlight picks up its colour. Print it last.', $this->plates[$i]->name, $this->plates[$next]->name);
            }
        }
        if (!Garment::isLight($this->garment) && $of->flashAfter === [] && \count($of->order) > 1) {
            $says[] = 'No flash: all wet on wet, as fine mesh and a light hand allow.';
        }

        return [...$says, ...\array_slice($dark, 0, 1), ...array_values(array_filter($names, static fn (string $n, int $way): bool => $worst[$way] >= 0.0005, \ARRAY_FILTER_USE_BOTH))];
    }

    private function isFlashedAfter(int $base, ScoredOrder $of): bool
    {
        foreach (\array_slice($of->order, (int) array_search($base, $of->order, true)) as $i) {
            if (\in_array($i, $of->flashAfter, true)) {
                return true;
            }
            if ($this->plates[$i]->role !== PlateRole::Base) {
                return false;
            }
        }

        return true;
    }

    /** @param list<int> $order */
    private function score(array $order): ScoredOrder
    {
        $n = \count($order);
        // wet[a][b]: what is picked up when plates a to b print wet on wet.
        $limit = $this->limit;
        $cost = [array_fill(0, $limit + 1, 0.0)];
        $from = [];
        for ($end = 1; $end <= $n; ++$end) {
            $cost[$end] = array_fill(0, $limit + 1, \INF);
            $wet = 0.0;
            for ($start = $end - 1; $start >= 0; --$start) {
                for ($k = $start + 1; $k < $end; ++$k) {
                    $wet += $this->wet($order[$start], $order[$k]);
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
        $flashAfter = [];
        for ($end = $n, $left = $used; $end > 0; --$left) {
            $start = $from[$end][$left];
            if ($start > 0) {
                array_unshift($flashAfter, $order[$start - 1]);
            }
            $end = $start;
        }

        return $this->flashed($order, $flashAfter);
    }

    /** What the earlier suffers wet; a base that must gel is never left wet where there is a flash. */
    private function wet(int $earlier, int $later): float
    {
        return $this->pairs[$earlier][$later][0] + ($this->limit > 0 && $this->plates[$later]->role !== PlateRole::Base && $this->gels[$earlier] ? self::NEVER : 0.0);
    }

    private function mustGel(int $plate): bool
    {
        return $this->plates[$plate]->role === PlateRole::Base
            && array_filter($this->plates, fn (PlateInOrder $p, int $i): bool => $p->role !== PlateRole::Base && !$p->transparent && max($this->plates[$plate]->overlaps[$i] ?? 0.0, $p->overlaps[$plate] ?? 0.0) > 0, \ARRAY_FILTER_USE_BOTH) !== [];
    }

    private function darkFirst(int $earlier, int $later): float
    {
        [$one, $two] = [$this->plates[$earlier], $this->plates[$later]];
        $colours = OrderSchools::rank($one) === 1 && OrderSchools::rank($two) === 1 && !$one->transparent && !$two->transparent;

        return $colours && $two->lab->l > $one->lab->l + self::DARKER_BY && ($one->touches[$later] ?? 0.0) + ($one->overlaps[$later] ?? 0.0) > self::TOUCHES ? self::DARK_FIRST : 0.0;
    }

    /** @return array{float, float} */
    private function pair(int $i, int $j): array
    {
        [$earlier, $later] = [$this->plates[$i], $this->plates[$j]];
        if ($this->terms->dries || ($earlier->transparent && $later->transparent)) {
            return [0.0, 0.0];
        }
        $touch = $earlier->touches[$j] ?? 0.0;
        $overlap = $earlier->overlaps[$j] ?? 0.0;
        $coarse = $earlier->role === PlateRole::Base || ($earlier->threadsPerCm !== null && $earlier->threadsPerCm < PrintOrder::COARSE_UNDER_PER_CM);
        $wet = match (true) {
            $coarse => self::WET_COARSE,
            // Dots on fine mesh print wet on wet; what lies under a highlight is gelled.
            $this->terms->tonal && $later->role !== PlateRole::Highlight => 0.0,
            default => self::WET_FINE,
        };
        $fouls = max(0.0, $later->lab->l - $earlier->lab->l) / 100 * self::FOULS;
        $lifted = ($touch + $overlap) * $wet * (0.4 + $fouls) * ($later->role === PlateRole::Highlight && $earlier->role !== PlateRole::Base ? self::HIGHLIGHT : 1.0);
        if ($this->terms->tonal || $earlier->role === PlateRole::Base) {
            return [$lifted, 0.0];
        }
        $large = $earlier->share > $later->share ? $touch * self::LARGE_FIRST * (1 - $later->share / $earlier->share) : 0.0;
        // Where they overlap the later one is on top; it lets through what it does not hide.
        $over = $later->transparent ? 0.0 : $overlap * (1 - $later->hiding) * Ciede2000::between($earlier->lab, $later->lab) / self::SHIFT_DELTA_E;

        // Flashed or not, a darker ink’s edge shows under a lighter one.
        return [$lifted, $large + $over + ($touch + $overlap) * $fouls * self::EDGE_SHOWS];
    }
}
