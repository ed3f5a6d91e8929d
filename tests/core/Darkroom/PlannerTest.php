<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Darkroom;

use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Darkroom\DryingPlaces;
use Ektype\Core\Darkroom\Plan;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;
use Ektype\Core\Unit\Refusal;
use Ektype\Tests\Measure;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class PlannerTest extends TestCase
{
    public function testThePlanIsNeverLaterThanFirstComeFirstServedAndNothingCollides(): void
    {
        $gained = 0;
        for ($day = 0; $day < Measure::of(40, 200); ++$day) {
            $random = new Randomizer(new Mt19937(4000 + $day));
            $screens = self::day($random, $random->getInt(3, 16));
            $room = new Darkroom($random->getInt(2, 8));
            $plan = Planner::plan($screens, $room, 200);
            $plain = Timetable::of($screens, $room);
            self::assertLessThanOrEqual($plain->lateness + 1e-6, $plan->lateness, "day $day");
            $gained += $plan->lateness < $plain->lateness - 1 ? 1 : 0;
            self::assertSound($plan, $screens, $room);
        }
        self::assertGreaterThan(Measure::of(12, 60), $gained, 'and on many days it is better');
    }

    public function testSmallDaysAreWithinFivePerCentOfTheBestThereIs(): void
    {
        for ($day = 0; $day < Measure::of(6, 25); ++$day) {
            $random = new Randomizer(new Mt19937(9000 + $day));
            $screens = self::day($random, 6);
            $room = new Darkroom($random->getInt(2, 4));
            $best = \INF;
            foreach (self::permutations($screens) as $order) {
                $best = min($best, Timetable::of($order, $room)->lateness);
            }
            self::assertLessThanOrEqual(1.05 * $best + 1e-6, Planner::plan($screens, $room)->lateness, "day $day");
        }
    }

    public function testFortyScreensArePlannedAtOnce(): void
    {
        $random = new Randomizer(new Mt19937(77));
        $screens = self::day($random, 40);
        $plan = Planner::plan($screens, new Darkroom(10));
        self::assertCount(40 * 6, $plan->steps);
        self::assertSound($plan, $screens, new Darkroom(10));
    }

    /** Every drying has a place of its own, and no more places are named than there are. */
    public function testEachScreenDriesInAPlaceOfItsOwn(): void
    {
        for ($day = 0; $day < Measure::of(15, 40); ++$day) {
            $random = new Randomizer(new Mt19937(600 + $day));
            $room = new Darkroom($random->getInt(2, 5));
            $plan = Planner::plan(self::day($random, 12), $room, 60);
            $places = DryingPlaces::of($plan);
            $lain = [];
            foreach ($plan->steps as $step) {
                if (!\in_array($step->step, ['dry', 'redry'], true)) {
                    continue;
                }
                $place = $places[$step->screen][$step->step];
                self::assertLessThanOrEqual($room->dryingPlaces, $place);
                foreach ($lain[$place] ?? [] as [$from, $to]) {
                    if ($step->fromMin < $to - 1e-6 && $step->toMin > $from + 1e-6) {
                        self::fail("day $day, place $place");
                    }
                }
                $lain[$place][] = [$step->fromMin, $step->toMin];
            }
        }
    }

    public function testAScreenThatIsCoatedDriesByItselfBeforeTheRoomOpens(): void
    {
        // Six in the evening, damp for another hour: burned first thing in the morning, and it needs no coater.
        $damp = new ScreenWork('damp', 'A', 'LED', 0.0, 60.0, 3.0, washMin: 8.0, redryMin: 20.0, tapeMin: 4.0, dueMin: 2000.0);
        $bare = new ScreenWork('bare', 'A', 'LED', 6.0, 60.0, 3.0, washMin: 8.0, redryMin: 20.0, tapeMin: 4.0, dueMin: 2000.0);
        $plan = Timetable::of([$damp, $bare], new Darkroom(4, 480, 1080, 1080));
        $of = static fn (string $screen, string $step): array => array_map(
            static fn ($s): array => [$s->fromMin, $s->toMin],
            array_values(array_filter($plan->steps, static fn ($s): bool => $s->screen === $screen && $s->step === $step)),
        );
        self::assertSame([], $of('damp', 'coat'));
        self::assertSame([[0.0, 60.0]], $of('damp', 'dry'));
        self::assertSame([[840.0, 843.0]], $of('damp', 'expose'), 'at eight');
        self::assertSame([[840.0, 846.0]], $of('bare', 'coat'));
    }

    public function testNobodyCoatsAtNightButScreensDry(): void
    {
        // Coated at half past five, dry by night, burned the next morning.
        $late = new ScreenWork('1', 'A', 'LED', 10, 300, 2, washMin: 8, redryMin: 60, tapeMin: 5, dueMin: 3000, readyMin: 570);
        $plan = Timetable::of([$late], new Darkroom(4));
        $steps = array_column(array_map(static fn ($s): array => [$s->step, $s->fromMin, $s->toMin], $plan->steps), null, 0);
        self::assertSame(570.0, $steps['coat'][1]);
        self::assertSame([580.0, 880.0], [$steps['dry'][1], $steps['dry'][2]]);
        self::assertSame(1440.0, $steps['expose'][1], 'at eight the next morning');
        self::assertSame(0.0, $plan->lateness);
    }

    public function testARoomInWhichNothingCanBeDoneIsRefused(): void
    {
        foreach ([static fn (): Darkroom => new Darkroom(0), static fn (): Darkroom => new Darkroom(3, 900, 600)] as $room) {
            try {
                $room();
                self::fail('It was not refused.');
            } catch (Refusal $refusal) {
                self::assertNotSame('', $refusal->on);
            }
        }
    }

    /** @return list<ScreenWork> */
    private static function day(Randomizer $random, int $count): array
    {
        $screens = [];
        for ($i = 0; $i < $count; ++$i) {
            $screens[] = new ScreenWork(
                "frame $i",
                'job '.intdiv($i, 4),
                $random->getInt(0, 3) === 0 ? 'tubes' : 'LED',
                $random->getInt(4, 10),
                $random->getInt(40, 180),
                $random->getInt(1, 25),
                washMin: $random->getInt(4, 12),
                redryMin: $random->getInt(20, 60),
                tapeMin: $random->getInt(3, 6),
                dueMin: $random->getInt(180, 1900),
                readyMin: $random->getInt(0, 1) * $random->getInt(0, 120),
            );
        }

        return $screens;
    }

    /** @param list<ScreenWork> $screens */
    private static function assertSound(Plan $plan, array $screens, Darkroom $room): void
    {
        $by = [];
        foreach ($plan->steps as $step) {
            $by[$step->screen][$step->step] = [$step->fromMin, $step->toMin];
        }
        $uses = [];
        $drying = [];
        foreach ($screens as $s) {
            $of = $by[$s->name];
            self::assertSame(['coat', 'dry', 'expose', 'wash', 'redry', 'tape'], array_keys($of));
            self::assertGreaterThanOrEqual($s->readyMin, $of['coat'][0]);
            self::assertEqualsWithDelta($of['coat'][1], $of['dry'][0], 1e-6, 'wet screens do not wait');
            self::assertEqualsWithDelta($of['expose'][1], $of['wash'][0], 1e-6, 'burned screens are washed at once');
            self::assertEqualsWithDelta($of['wash'][1], $of['redry'][0], 1e-6);
            self::assertGreaterThanOrEqual($of['dry'][1] - 1e-6, $of['expose'][0]);
            self::assertGreaterThanOrEqual($of['redry'][1] - 1e-6, $of['tape'][0]);
            $uses['coater'][] = $of['coat'];
            $uses[$s->lamp][] = $of['expose'];
            $uses['sink'][] = $of['wash'];
            array_push($drying, $of['dry'], $of['redry']);
            foreach (['coat', 'expose', 'wash', 'tape'] as $step) {
                $clock = fmod($of[$step][0] + $room->startsMin, 1440);
                self::assertGreaterThanOrEqual($room->opensMin - 1e-6, $clock);
                self::assertLessThanOrEqual($room->closesMin + 1e-6, $clock + $of[$step][1] - $of[$step][0]);
            }
        }
        foreach ($uses as $resource => $times) {
            sort($times);
            for ($i = 1; $i < \count($times); ++$i) {
                self::assertGreaterThanOrEqual($times[$i - 1][1] - 1e-6, $times[$i][0], "$resource is used twice at once");
            }
        }
        foreach ($drying as [$start]) {
            self::assertLessThanOrEqual(
                $room->dryingPlaces,
                \count(array_filter($drying, static fn (array $d): bool => $d[0] <= $start + 1e-6 && $d[1] > $start + 1e-6)),
            );
        }
    }

    /**
     * @param list<ScreenWork> $of
     *
     * @return iterable<list<ScreenWork>>
     */
    private static function permutations(array $of): iterable
    {
        if (\count($of) < 2) {
            yield $of;

            return;
        }
        foreach ($of as $i => $first) {
            $rest = $of;
            array_splice($rest, $i, 1);
            foreach (self::permutations($rest) as $order) {
                yield [$first, ...$order];
            }
        }
    }
}
