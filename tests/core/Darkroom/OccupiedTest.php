<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Darkroom;

use Ektype\Core\Darkroom\Darkroom;
use Ektype\Core\Darkroom\Handling;
use Ektype\Core\Darkroom\ImpossibleRoom;
use Ektype\Core\Darkroom\Occupied;
use Ektype\Core\Darkroom\Plan;
use Ektype\Core\Darkroom\PlannedStep;
use Ektype\Core\Darkroom\Planner;
use Ektype\Core\Darkroom\ScreenWork;
use Ektype\Core\Darkroom\Timetable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Places and hands are never taken by more than there are, and what cannot be is said instead of sought for ever. */
final class OccupiedTest extends TestCase
{
    /** Against brute force: every minute of the day is counted one by one. */
    public function testTheFirstFreeTimeIsTheFirstThatCountingFinds(): void
    {
        $random = new Randomizer(new Mt19937(8));
        for ($try = 0; $try < 60; ++$try) {
            $many = $random->getInt(1, 4);
            $occupied = new Occupied($many);
            $minutes = array_fill(0, 8000, 0);
            for ($k = 0; $k < 40; ++$k) {
                [$from, $long] = [$random->getInt(0, 600), $random->getInt(1, 90)];
                $at = $from;
                while (max(0, ...\array_slice($minutes, $at, $long)) >= $many) {
                    ++$at;
                }
                self::assertEqualsWithDelta($at, $occupied->freeFrom($from, $long), 1e-9, "from $from for $long, of $many");
                $occupied->take($at, $long);
                for ($m = $at; $m < $at + $long; ++$m) {
                    ++$minutes[$m];
                }
            }
        }
    }

    public function testNothingTakesNothing(): void
    {
        $one = new Occupied(1);
        $one->take(10, 0);
        self::assertSame(10.0, $one->freeFrom(10, 5));
        $one->take(10, 5);
        self::assertSame(15.0, $one->freeFrom(10, 5));
        self::assertSame(5.0, $one->freeFrom(5, 5), 'the time before ends as it begins');
        self::assertSame(15.0, $one->freeFrom(6, 5));
    }

    /** With one pair of hands nobody coats, places, washes or tapes two screens at once. */
    #[DataProvider('crews')]
    public function testNoMoreIsDoneAtOnceThanThereAreHands(int $hands): void
    {
        $plan = Planner::plan(self::screens(14), new Darkroom(6, hands: $hands));
        $most = 0;
        foreach (range(0, (int) $plan->endsMin) as $minute) {
            $busy = 0;
            foreach ($plan->steps as $step) {
                $until = match ($step->step) {
                    'coat', 'wash', 'tape' => $step->toMin,
                    'expose' => min($step->toMin, $step->fromMin + Handling::BURN),
                    default => $step->fromMin,
                };
                $busy += (int) ($step->fromMin <= $minute + 0.5 && $until > $minute + 0.5);
            }
            $most = max($most, $busy);
        }
        self::assertLessThanOrEqual($hands, $most);
        self::assertGreaterThanOrEqual(min($hands, 2), $most, 'and the hands are used');
    }

    /** @return iterable<string, array{int}> */
    public static function crews(): iterable
    {
        yield 'one' => [1];
        yield 'two' => [2];
        yield 'four' => [4];
    }

    public function testMoreHandsAreNeverLater(): void
    {
        $last = \INF;
        foreach ([1, 2, 3, 6] as $hands) {
            $plan = Timetable::of(self::screens(12), new Darkroom(8, hands: $hands));
            self::assertLessThanOrEqual($last + 1e-6, $plan->endsMin);
            $last = $plan->endsMin;
        }
    }

    /** Eleven hours of light do not go into a day of ten: that is said at once, with the screen’s name. */
    public function testAScreenThatFitsNoDayIsNamed(): void
    {
        $room = new Darkroom(4, 480, 1080);
        foreach ([[700.0, 8.0], [596.0, 8.0], [10.0, 595.0]] as [$light, $wash]) {
            $screen = new ScreenWork('Rust', 'Moth', 'tubes', 6, 60, $light, washMin: $wash, redryMin: 24, tapeMin: 4, dueMin: 1000);
            self::assertStringContainsString('the room is open for 10 h 00', $room->cannot($screen));
            try {
                Planner::plan([$screen], $room);
                self::fail('It was planned.');
            } catch (ImpossibleRoom $refused) {
                self::assertStringStartsWith('Rust burns and washes out for', $refused->getMessage());
            }
        }
        $just = new ScreenWork('Rust', 'Moth', 'tubes', 6, 60, 592.0, washMin: 8.0, redryMin: 24, tapeMin: 4, dueMin: 1000);
        self::assertSame('', $room->cannot($just));
        self::assertCount(6, Planner::plan([$just], $room)->steps, 'just so it goes');
    }

    /** Burned late in the day it would be washed out after closing: it is burned the next morning as a whole. */
    public function testBurnAndWashAreDoneInOneGo(): void
    {
        $random = new Randomizer(new Mt19937(21));
        for ($try = 0; $try < 40; ++$try) {
            $screens = [];
            for ($k = 0; $k < 6; ++$k) {
                $screens[] = new ScreenWork("s$k", 'job', 'tubes', 6, $random->getInt(30, 500), $random->getInt(20, 480), washMin: 8, redryMin: 20, tapeMin: 4, dueMin: 5000);
            }
            $plan = Timetable::of($screens, new Darkroom(3, 480, 1080, hands: $random->getInt(1, 2)));
            foreach (self::byScreen($plan) as $name => $steps) {
                self::assertEqualsWithDelta($steps['expose']->toMin, $steps['wash']->fromMin, 1e-6, "$name is washed out at once");
                self::assertSame(
                    intdiv((int) floor($steps['expose']->fromMin + 480), 1440),
                    intdiv((int) floor($steps['wash']->toMin + 480 - 1e-6), 1440),
                    'on the same day',
                );
            }
        }
    }

    public function testAHundredScreensAreAllPlanned(): void
    {
        $plan = Planner::plan(self::screens(100), new Darkroom(12, hands: 3));
        self::assertCount(100, $plan->order);
        self::assertCount(600, $plan->steps);
    }

    public function testARoomWithoutHandsIsRefused(): void
    {
        $this->expectException(ImpossibleRoom::class);
        new Darkroom(4, hands: 0);
    }

    /** @return list<ScreenWork> */
    private static function screens(int $count): array
    {
        $random = new Randomizer(new Mt19937($count));
        $screens = [];
        for ($k = 0; $k < $count; ++$k) {
            $screens[] = new ScreenWork(
                "screen $k",
                'job '.intdiv($k, 4),
                ['LED', 'tubes'][$k % 2],
                6,
                $random->getInt(30, 150),
                2 + $random->getInt(10, 240) / 60,
                washMin: 8,
                redryMin: $random->getInt(12, 60),
                tapeMin: 4,
                dueMin: $random->getInt(300, 6000),
            );
        }

        return $screens;
    }

    /** @return array<string, array<string, PlannedStep>> */
    private static function byScreen(Plan $plan): array
    {
        $by = [];
        foreach ($plan->steps as $step) {
            $by[$step->screen][$step->step] = $step;
        }

        return $by;
    }
}
