<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\ImpossibleOrder;
use Ektype\Core\Press\OrderSearch;
use Ektype\Core\Press\PlateInOrder;
use PHPUnit\Framework\TestCase;

final class OrderSearchTest extends TestCase
{
    /** Every order of five plates with every choice of flashes, scored here one by one: the search finds the cheapest. */
    public function testItFindsWhatTryingAllFinds(): void
    {
        mt_srand(5);
        for ($try = 0; $try < 6; ++$try) {
            $plates = [];
            for ($i = 0; $i < 5; ++$i) {
                $touches = [];
                for ($j = 0; $j < 5; ++$j) {
                    $touches[$j] = $i === $j ? 0.0 : mt_rand(0, 30) / 1000;
                }
                $plates[] = new PlateInOrder("p$i", PlateRole::Colour, new Lab(mt_rand(10, 95), mt_rand(-40, 40), mt_rand(-40, 40)), mt_rand(1, 40) / 100, mt_rand(30, 100) / 100, mt_rand(0, 1) === 1 ? 60.0 : 120.0, raised: false, touches: $touches, overlaps: $touches);
            }
            $best = OrderSearch::best($plates, new Lab(20, 0, 0));
            $least = \INF;
            foreach (self::permutations([0, 1, 2, 3, 4]) as $order) {
                $least = min($least, OrderSearch::of($order, $plates)->cost);
                // No choice of flashes is cheaper than the one found for this order.
                if ($try === 0) {
                    self::assertEqualsWithDelta(self::cheapest($order, $plates), OrderSearch::of($order, $plates)->lifted + 0.001 * \count(OrderSearch::of($order, $plates)->flashAfter), 1e-9);
                }
            }
            self::assertEqualsWithDelta($least, $best->cost, 1e-12);
        }
    }

    public function testABaseIsFirstPuffIsLastAndFlashesStandOnlyWhereInksTouch(): void
    {
        $plates = [
            new PlateInOrder('Puff', PlateRole::Colour, new Lab(60, 0, 0), 0.1, 0.9, 60, raised: true, touches: [], overlaps: [2 => 0.1]),
            new PlateInOrder('Gold', PlateRole::Colour, new Lab(75, 5, 50), 0.2, 0.9, 60, raised: false, touches: [3 => 0.05], overlaps: [2 => 0.2]),
            new PlateInOrder('Base', PlateRole::Base, new Lab(95, 0, 0), 0.5, 0.95, 48, raised: false, touches: [], overlaps: [0 => 0.1, 1 => 0.2, 3 => 0.2]),
            new PlateInOrder('Navy', PlateRole::Colour, new Lab(20, 0, -30), 0.2, 0.9, 60, raised: false, touches: [1 => 0.05], overlaps: [2 => 0.2]),
        ];
        $best = OrderSearch::best($plates, new Lab(15, 0, 0));
        self::assertSame([2, 0], [$best->order[0], $best->order[3]]);
        self::assertContains(2, $best->flashAfter);
        self::assertSame(1, $best->order[1], 'the light ink before the dark one that would foul its screen');
        $apart = array_map(static fn (PlateInOrder $p): PlateInOrder => new PlateInOrder($p->name, PlateRole::Colour, $p->lab, $p->share, $p->hiding, $p->threadsPerCm, raised: false, touches: [], overlaps: []), $plates);
        self::assertSame([], OrderSearch::best($apart, new Lab(15, 0, 0))->flashAfter, 'what nowhere touches needs no flash, however coarse its mesh');
        self::assertSame([], OrderSearch::best($plates, new Lab(15, 0, 0), 0)->flashAfter, 'a press without a flash has none');
        foreach (OrderSearch::schools($plates, new Lab(15, 0, 0)) as $school) {
            self::assertGreaterThanOrEqual($best->cost - 1e-12, $school->cost);
        }
    }

    public function testSchoolsOfBlackAndOfProcessStandBesideTheOthers(): void
    {
        $plate = static fn (string $name, Lab $lab, PlateRole $role = PlateRole::Colour, bool $raised = false): PlateInOrder => new PlateInOrder($name, $role, $lab, 0.2, 0.9, 60, raised: $raised, touches: [], overlaps: []);
        $spot = [$plate('Black', new Lab(18, 0, 0)), $plate('White', new Lab(96, 0, 0), PlateRole::Base), $plate('Gold', new Lab(75, 5, 50)), $plate('High', new Lab(97, 0, 0), PlateRole::Highlight), $plate('Puff', new Lab(60, 30, 0), raised: true)];
        $schools = OrderSearch::schools($spot, new Lab(15, 0, 0));
        self::assertSame([1, 2, 3, 0, 4], $schools['highlight, then black last']->order, 'and puff after all');
        self::assertSame([1, 0, 2, 3, 4], $schools['dark early, under the colours']->order);
        $four = [$plate('Black', new Lab(16, 0, 0)), $plate('Cyan', new Lab(55, -37, -50)), $plate('Yellow', new Lab(89, -5, 93)), $plate('Magenta', new Lab(48, 74, -3))];
        self::assertSame([2, 3, 1, 0], OrderSearch::schools($four, new Lab(95, 0, 0))['yellow, magenta, cyan, black']->order);
        self::assertArrayNotHasKey('yellow, magenta, cyan, black', $schools);
        self::assertStringContainsString('Puff is raised and prints before others', implode(' ', OrderSearch::reasons(OrderSearch::of([1, 4, 2, 0, 3], $spot), $spot, new Lab(15, 0, 0))));
        self::assertStringNotContainsString('raised', implode(' ', OrderSearch::reasons(OrderSearch::of([1, 2, 0, 3, 4], $spot), $spot, new Lab(15, 0, 0))));
        self::assertArrayNotHasKey('highlight, then black last', OrderSearch::schools([$spot[1], $spot[2], $spot[4]], new Lab(15, 0, 0)), 'no black, no school of it');
    }

    /** The flashes that an order has, scored against its pairs printed alone. */
    public function testAnOrderWithGivenFlashesIsLiftedWhereItIsWet(): void
    {
        $plates = [];
        for ($i = 0; $i < 4; ++$i) {
            $plates[] = new PlateInOrder("p$i", PlateRole::Colour, new Lab(30 + 15 * $i, 0, 0), 0.2, 0.8, 60, raised: false, touches: array_diff_key([0.01, 0.02, 0.03, 0.04], [$i => 0]), overlaps: []);
        }
        $all = OrderSearch::flashed([0, 1, 2, 3], [0, 1, 2], $plates);
        self::assertSame(0.0, $all->lifted, 'a flash after each leaves nothing wet');
        $none = OrderSearch::flashed([0, 1, 2, 3], [], $plates);
        self::assertEqualsWithDelta(OrderSearch::of([0, 1, 2, 3], $plates, 0)->lifted, $none->lifted, 1e-12);
        self::assertEqualsWithDelta(3 * 0.001, $all->cost - $all->shifted, 1e-12, 'each flash costs as much as a thousandth lifted');
        $found = OrderSearch::of([0, 1, 2, 3], $plates);
        self::assertEqualsWithDelta($found->cost, OrderSearch::flashed($found->order, $found->flashAfter, $plates)->cost, 1e-12);
    }

    public function testNinePlatesAreTooMany(): void
    {
        $this->expectException(ImpossibleOrder::class);
        $this->expectExceptionMessage('9 plates have more orders than can be tried');
        OrderSearch::best(array_fill(0, 9, new PlateInOrder('a', PlateRole::Colour, new Lab(50, 0, 0), 0.1, 1, null, raised: false, touches: [], overlaps: [])), new Lab(90, 0, 0));
    }

    /**
     * What is lifted wet with the best of all 2⁴ choices of flashes, each costing a thousandth, from pairs printed alone.
     *
     * @param list<int>          $order
     * @param list<PlateInOrder> $plates
     */
    private static function cheapest(array $order, array $plates): float
    {
        $wet = static function (int $a, int $b) use ($plates): float {
            $two = [$plates[$a], $plates[$b]];
            $alone = array_map(static fn (PlateInOrder $p, int $i): PlateInOrder => new PlateInOrder($p->name, $p->role, $p->lab, $p->share, $p->hiding, $p->threadsPerCm, raised: false, touches: [1 - $i => $p->touches[[$b, $a][$i]] ?? 0.0], overlaps: [1 - $i => $p->overlaps[[$b, $a][$i]] ?? 0.0]), $two, [0, 1]);

            return OrderSearch::of([0, 1], $alone, 0)->lifted;
        };
        $least = \INF;
        for ($choice = 0; $choice < 16; ++$choice) {
            $sum = 0.0;
            for ($a = 0; $a < 5; ++$a) {
                for ($b = $a + 1; $b < 5; ++$b) {
                    $between = ($choice >> $a) & ((1 << ($b - $a)) - 1);
                    $sum += $between === 0 ? $wet($order[$a], $order[$b]) : 0.0;
                }
            }
            $least = min($least, $sum + 0.001 * substr_count(decbin($choice), '1'));
        }

        return $least;
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
