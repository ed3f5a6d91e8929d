<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\ImpossibleOrder;
use Ektype\Core\Press\OrderSearch;
use Ektype\Core\Press\PlateInOrder;
use PHPUnit\Framework\TestCase;

final class OrderSearchTest extends TestCase
{
    /** Every order of five plates with every choice of flashes, scored one by one after the rule as it is written, and not by the search. */
    public function testItFindsWhatTryingAllFinds(): void
    {
        mt_srand(5);
        for ($try = 0; $try < 8; ++$try) {
            $plates = self::random($try % 2 === 1);
            $search = new OrderSearch($plates, new Lab(20, 0, 0));
            $best = $search->best();
            $least = \INF;
            $cheapest = [];
            foreach (self::permutations([0, 1, 2, 3, 4]) as $order) {
                // A base is first whatever it costs.
                if ($plates[0]->role === PlateRole::Base && $order[0] !== 0) {
                    continue;
                }
                for ($choice = 0; $choice < 16; ++$choice) {
                    $flashed = array_values(array_filter($order, static fn (int $plate, int $place): bool => $place < 4 && ($choice >> $place & 1) === 1, \ARRAY_FILTER_USE_BOTH));
                    // And flashed before anything opaque.
                    if ($plates[0]->role === PlateRole::Base && !\in_array(0, $flashed, true)) {
                        continue;
                    }
                    $cost = self::cost($order, $flashed, $plates);
                    if ($cost < $least - 1e-12) {
                        [$least, $cheapest] = [$cost, [$order, $flashed]];
                    }
                }
            }
            self::assertEqualsWithDelta($least, $best->cost, 1e-12);
            self::assertSame($cheapest, [$best->order, $best->flashAfter]);
            self::assertEqualsWithDelta(self::cost([4, 2, 0, 1, 3], [2, 1], $plates), $search->flashed([4, 2, 0, 1, 3], [2, 1])->cost, 1e-12, 'an order with the flashes that it has');
        }
    }

    /** By hand: half a per cent touches and two overlap; L* 20 before L* 70 on coarse mesh. */
    public function testAPairCostsWhatTheRuleSays(): void
    {
        $plates = [
            new PlateInOrder('Navy', PlateRole::Colour, new Lab(20, 0, 0), 0.3, 0.9, 60.0, raised: false, touches: [1 => 0.005], overlaps: [1 => 0.02]),
            new PlateInOrder('Gold', PlateRole::Colour, new Lab(70, 0, 0), 0.1, 0.75, 120.0, raised: false, touches: [0 => 0.005], overlaps: [0 => 0.02]),
        ];
        $search = new OrderSearch($plates, new Lab(90, 0, 0), 0);
        $darkFirst = $search->of([0, 1]);
        // 0.025 lies together; half the way from black to white fouls by 0.6 of it.
        self::assertEqualsWithDelta(0.025 * (0.4 + 0.3), $darkFirst->lifted, 1e-12);
        // Dragged over the small one; what the gold lets through; the edge that shows.
        self::assertEqualsWithDelta(0.005 * 0.03 * (1 - 0.1 / 0.3) + 0.02 * 0.25 * self::deltaE(20, 70) / 20 + 0.025 * 0.3 * 0.05, $darkFirst->shifted, 1e-6);
        self::assertEqualsWithDelta(0.002, $darkFirst->cost - $darkFirst->lifted - $darkFirst->shifted, 1e-12, 'a dark one before a light one that it touches');
        $lightFirst = $search->of([1, 0]);
        self::assertEqualsWithDelta($lightFirst->lifted + $lightFirst->shifted, $lightFirst->cost, 1e-12);
        // On fine mesh four hundredths of it, and nothing is fouled; the small one lies under the large.
        self::assertEqualsWithDelta(0.025 * 0.04 * 0.4, $lightFirst->lifted, 1e-12);
        self::assertEqualsWithDelta(0.02 * 0.1 * self::deltaE(20, 70) / 20, $lightFirst->shifted, 1e-6);
    }

    public function testABaseIsFirstPuffIsLastAndFlashesStandOnlyWhereInksTouch(): void
    {
        $plates = [
            new PlateInOrder('Puff', PlateRole::Colour, new Lab(60, 0, 0), 0.1, 0.9, 60, raised: true, touches: [], overlaps: [2 => 0.1]),
            new PlateInOrder('Gold', PlateRole::Colour, new Lab(75, 5, 50), 0.2, 0.9, 60, raised: false, touches: [3 => 0.05], overlaps: [2 => 0.2]),
            new PlateInOrder('Base', PlateRole::Base, new Lab(95, 0, 0), 0.5, 0.95, 48, raised: false, touches: [], overlaps: [0 => 0.1, 1 => 0.2, 3 => 0.2]),
            new PlateInOrder('Navy', PlateRole::Colour, new Lab(20, 0, -30), 0.2, 0.9, 60, raised: false, touches: [1 => 0.05], overlaps: [2 => 0.2]),
        ];
        $search = new OrderSearch($plates, new Lab(15, 0, 0));
        $best = $search->best();
        self::assertSame([2, 0], [$best->order[0], $best->order[3]]);
        self::assertContains(2, $best->flashAfter);
        self::assertSame(1, $best->order[1], 'the light ink before the dark one that would foul its screen');
        $reasons = $search->reasons($search->flashed([2, 1, 3, 0], [2, 1]));
        self::assertContains('Flash after Base: the inks stand on it.', $reasons);
        self::assertContains('Flash after Gold: what touches it would pick it up wet.', $reasons);
        $apart = array_map(static fn (PlateInOrder $p): PlateInOrder => new PlateInOrder($p->name, PlateRole::Colour, $p->lab, $p->share, $p->hiding, $p->threadsPerCm, raised: false, touches: [], overlaps: []), $plates);
        self::assertSame([], (new OrderSearch($apart, new Lab(15, 0, 0)))->best()->flashAfter, 'what nowhere touches needs no flash, however coarse its mesh');
        self::assertSame([], (new OrderSearch($plates, new Lab(15, 0, 0), 0))->best()->flashAfter, 'a press without a flash has none');
        foreach ($search->schools() as $school) {
            self::assertGreaterThanOrEqual($best->cost - 1e-12, $school->cost);
        }
    }

    public function testSchoolsOfBlackAndOfProcessStandBesideTheOthers(): void
    {
        $plate = static fn (string $name, Lab $lab, PlateRole $role = PlateRole::Colour, bool $raised = false): PlateInOrder => new PlateInOrder($name, $role, $lab, 0.2, 0.9, 60, raised: $raised, touches: [], overlaps: []);
        $spot = [$plate('Black', new Lab(18, 0, 0)), $plate('White', new Lab(96, 0, 0), PlateRole::Base), $plate('Gold', new Lab(75, 5, 50)), $plate('High', new Lab(97, 0, 0), PlateRole::Highlight), $plate('Puff', new Lab(60, 30, 0), raised: true)];
        $search = new OrderSearch($spot, new Lab(15, 0, 0));
        $schools = $search->schools();
        self::assertSame([1, 2, 3, 0, 4], $schools['highlight, then black last']->order, 'and puff after all');
        self::assertSame([1, 0, 2, 3, 4], $schools['dark early, under the colours']->order);
        $four = [$plate('Black', new Lab(16, 0, 0)), $plate('Cyan', new Lab(55, -37, -50)), $plate('Yellow', new Lab(89, -5, 93)), $plate('Magenta', new Lab(48, 74, -3))];
        self::assertSame([2, 3, 1, 0], (new OrderSearch($four, new Lab(95, 0, 0)))->schools()['yellow, magenta, cyan, black']->order);
        self::assertArrayNotHasKey('yellow, magenta, cyan, black', $schools);
        self::assertStringContainsString('Puff is raised and prints before others', implode(' ', $search->reasons($search->of([1, 4, 2, 0, 3]))));
        self::assertStringNotContainsString('raised', implode(' ', $search->reasons($search->of([1, 2, 0, 3, 4]))));
        self::assertArrayNotHasKey('highlight, then black last', (new OrderSearch([$spot[1], $spot[2], $spot[4]], new Lab(15, 0, 0)))->schools(), 'no black, no school of it');
    }

    /** The flashes that an order has, scored against its pairs printed alone. */
    public function testAnOrderWithGivenFlashesIsLiftedWhereItIsWet(): void
    {
        $plates = [];
        for ($i = 0; $i < 4; ++$i) {
            $plates[] = new PlateInOrder("p$i", PlateRole::Colour, new Lab(30 + 15 * $i, 0, 0), 0.2, 0.8, 60, raised: false, touches: array_diff_key([0.01, 0.02, 0.03, 0.04], [$i => 0]), overlaps: []);
        }
        $search = new OrderSearch($plates, new Lab(90, 0, 0));
        $all = $search->flashed([0, 1, 2, 3], [0, 1, 2]);
        self::assertSame(0.0, $all->lifted, 'a flash after each leaves nothing wet');
        $none = $search->flashed([0, 1, 2, 3], []);
        self::assertEqualsWithDelta((new OrderSearch($plates, new Lab(90, 0, 0), 0))->of([0, 1, 2, 3])->lifted, $none->lifted, 1e-12);
        self::assertEqualsWithDelta(3 * 0.0015 + 6 * 0.002, $all->cost - $all->shifted, 1e-12, 'each flash costs as much as a thousandth picked up, each of six pairs that stands dark before light more');
        $found = $search->of([0, 1, 2, 3]);
        self::assertEqualsWithDelta($found->cost, $search->flashed($found->order, $found->flashAfter)->cost, 1e-12);
    }

    /** What an order says of itself, worked out by hand: half of gold's edge of 5 % is picked up where nothing gels it. */
    public function testAnOrderSaysWhatItsWorstPairsDo(): void
    {
        $plates = [
            new PlateInOrder('Gold', PlateRole::Colour, new Lab(75, 5, 50), 0.2, 0.9, 60, raised: false, touches: [1 => 0.05, 2 => 0.0], overlaps: []),
            new PlateInOrder('Navy', PlateRole::Colour, new Lab(25, 0, -30), 0.2, 0.9, 60, raised: false, touches: [0 => 0.05, 2 => 0.0001], overlaps: []),
            new PlateInOrder('Glint', PlateRole::Highlight, new Lab(97, 0, 0), 0.02, 0.9, 120, raised: false, touches: [], overlaps: []),
        ];
        $search = new OrderSearch($plates, new Lab(95, 0, 0));
        $wet = $search->reasons($search->flashed([0, 1, 2], []));
        self::assertContains('Navy prints on wet Gold and touches it: pick-up on 2.0 % of the picture.', $wet, '5 % of it, weighed 0.4');
        $gelled = $search->reasons($search->flashed([0, 1, 2], [0]));
        self::assertStringNotContainsString('wet Gold', implode(' ', $gelled), 'what is gelled is not picked up');
        self::assertContains('Flash after Gold: what touches it would pick it up wet.', $gelled);
        self::assertContains('Flash after Navy: little would be picked up without it, so it may be left out.', $search->reasons($search->flashed([0, 1, 2], [0, 1])));
        $three = new OrderSearch([new PlateInOrder('Gold', PlateRole::Colour, new Lab(75, 5, 50), 0.2, 0.9, 60, raised: false, touches: [2 => 0.05], overlaps: []), new PlateInOrder('Sky', PlateRole::Colour, new Lab(60, 0, -20), 0.02, 0.9, 60, raised: false, touches: [], overlaps: []), new PlateInOrder('Navy', PlateRole::Colour, new Lab(25, 0, -30), 0.2, 0.9, 60, raised: false, touches: [0 => 0.05], overlaps: [])], new Lab(95, 0, 0));
        $either = $three->reasons($three->flashed([0, 1, 2], [0, 1]));
        self::assertCount(1, array_filter($either, static fn (string $s): bool => str_contains($s, 'may be left out')), 'either flash gels Gold before Navy: one may go, not both');
        self::assertSame(['Flash after Gold: little would be picked up without it, so it may be left out.', 'Flash after Sky: what touches it would pick it up wet.'], \array_slice($either, 0, 2));
        self::assertContains('Glint prints before Navy: the highlight picks up its colour. Print it last.', $search->reasons($search->flashed([0, 2, 1], [])));
        self::assertStringNotContainsString('the highlight picks up', implode(' ', $wet));
        $onDark = new OrderSearch($plates, new Lab(15, 0, 0));
        self::assertContains('No flash: all wet on wet, as fine mesh and a light hand allow.', $onDark->reasons($onDark->flashed([0, 1, 2], [])));
        self::assertStringNotContainsString('No flash', implode(' ', $onDark->reasons($onDark->flashed([0, 1, 2], [0]))));
        self::assertStringNotContainsString('No flash', implode(' ', $wet), 'on pale cloth nobody asks for one');
    }

    public function testNinePlatesAreTooMany(): void
    {
        $this->expectException(ImpossibleOrder::class);
        $this->expectExceptionMessage('9 plates have more orders than can be tried');
        new OrderSearch(array_fill(0, 9, new PlateInOrder('a', PlateRole::Colour, new Lab(50, 0, 0), 0.1, 1, null, raised: false, touches: [], overlaps: [])), new Lab(90, 0, 0));
    }

    /**
     * What an order costs: of each pair what wet ink is picked up, what shifts, a dark ink before a light one that it touches, and a
     * thousandth for each flash.
     *
     * @param list<int>          $order
     * @param list<int>          $flashed
     * @param list<PlateInOrder> $plates
     */
    private static function cost(array $order, array $flashed, array $plates): float
    {
        $cost = 0.0015 * \count($flashed);
        for ($a = 0; $a < \count($order); ++$a) {
            for ($b = $a + 1; $b < \count($order); ++$b) {
                [$one, $two] = [$plates[$order[$a]], $plates[$order[$b]]];
                [$touch, $overlap] = [$one->touches[$order[$b]] ?? 0.0, $one->overlaps[$order[$b]] ?? 0.0];
                $fouls = $two->lab->l > $one->lab->l ? 0.6 * ($two->lab->l - $one->lab->l) / 100 : 0.0;
                if (array_intersect(\array_slice($order, $a, $b - $a), $flashed) === []) {
                    $coarse = $one->role === PlateRole::Base || $one->threadsPerCm === 60.0;
                    $cost += ($touch + $overlap) * ($coarse ? 1.0 : 0.04) * (0.4 + $fouls);
                }
                if ($one->role !== PlateRole::Base) {
                    $cost += $one->share > $two->share ? 0.03 * $touch * (1 - $two->share / $one->share) : 0.0;
                    $cost += $overlap * (1 - $two->hiding) * Ciede2000::between($one->lab, $two->lab) / 20;
                    $cost += 0.05 * $fouls * ($touch + $overlap);
                    $cost += $two->role !== PlateRole::Base && $two->lab->l > $one->lab->l + 3 && $touch + $overlap > 0.0005 ? 0.002 : 0.0;
                }
            }
        }

        return $cost;
    }

    /** @return list<PlateInOrder> five of them, the first a base where one is wanted */
    private static function random(bool $base): array
    {
        $plates = [];
        for ($i = 0; $i < 5; ++$i) {
            $touches = $overlaps = [];
            for ($j = 0; $j < 5; ++$j) {
                $touches[$j] = $i === $j ? 0.0 : mt_rand(0, 3) * mt_rand(0, 10) / 1000;
                $overlaps[$j] = $i === $j ? 0.0 : mt_rand(0, 20) / 1000;
            }
            $plates[] = new PlateInOrder("p$i", $base && $i === 0 ? PlateRole::Base : PlateRole::Colour, new Lab(mt_rand(10, 95), mt_rand(-40, 40), mt_rand(-40, 40)), mt_rand(1, 40) / 100, mt_rand(30, 100) / 100, mt_rand(0, 1) === 1 ? 60.0 : 120.0, raised: false, touches: $touches, overlaps: $overlaps);
        }

        return $plates;
    }

    /** ΔE00 of two greys, by its closed form: only lightness differs. */
    private static function deltaE(float $one, float $two): float
    {
        $mid = ($one + $two) / 2 - 50;

        return abs($one - $two) / (1 + 0.015 * $mid ** 2 / sqrt(20 + $mid ** 2));
    }

    /**
     * @param list<int> $of
     *
     * @return iterable<list<int>>
     */
    private static function permutations(array $of): iterable
    {
        if (\count($of) < 2) {
            yield $of;

            return;
        }
        foreach ($of as $k => $one) {
            $rest = $of;
            array_splice($rest, $k, 1);
            foreach (self::permutations($rest) as $tail) {
                yield [$one, ...$tail];
            }
        }
    }
}
