<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Run;

use Ektype\Core\Run\ImpossibleCount;
use Ektype\Core\Run\InkOnScreen;
use Ektype\Core\Run\InkUsed;
use Ektype\Core\Run\MisprintCause;
use Ektype\Core\Run\Pass;
use Ektype\Core\Run\RunCount;
use Ektype\Core\Run\RunEvent;
use Ektype\Core\Run\RunEventKind;
use Ektype\Core\Run\RunLine;
use Ektype\Core\Run\RunOrder;
use Ektype\Core\Run\Stop;
use Ektype\Core\Run\StopReason;
use Ektype\Core\Run\TableOnRun;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RunCountTest extends TestCase
{
    private const BEGAN = 1_800_000_000_000;

    /** Two tablets, offline and back: what they tell arrives in any order, in parts and twice, and always adds up. */
    public function testATouchCountsOnceInWhateverOrderItArrives(): void
    {
        $random = new Randomizer(new Mt19937(29));
        for ($try = 0; $try < 1000; ++$try) {
            $good = $bad = 0;
            $told = [];
            foreach (['a', 'b'] as $device) {
                for ($i = 0, $n = $random->getInt(1, 12); $i < $n; ++$i) {
                    $pieces = $random->getInt(1, 4) === 1 ? 10 : 1;
                    $misprint = $random->getInt(1, 6) === 1;
                    $event = new RunEvent("$device$i", self::BEGAN + $random->getInt(0, 4_000_000), $misprint ? RunEventKind::Misprint : RunEventKind::Good, size: $random->getInt(0, 1) === 0 ? 'M' : 'L', pieces: $pieces, cause: $misprint ? MisprintCause::Lint : null);
                    $told[] = $event;
                    if ($random->getInt(1, 8) === 1) {
                        $told[] = new RunEvent("$device-back$i", $event->atMs + 1, RunEventKind::TakenBack, name: $event->id);
                        continue;
                    }
                    $misprint ? $bad += $pieces : $good += $pieces;
                }
            }
            $count = RunCount::of(self::order(), $told, self::BEGAN + 5_000_000);
            self::assertSame([$good, $bad], [$count->good, $count->misprints]);
            $arrived = $random->shuffleArray([...$told, ...array_filter($told, static fn (RunEvent $e): bool => $random->getInt(0, 1) === 1)]);
            self::assertEquals($count, RunCount::of(self::order(), $arrived, self::BEGAN + 5_000_000), "try $try");
        }
    }

    public function testSizesSayWhatIsLeftAndWhichComesNext(): void
    {
        $count = RunCount::of(self::order(), [...self::good(8, 'S'), ...self::good(3, 'M', after: 600)], self::BEGAN);
        $sizes = $count->lines[0]->sizes;
        self::assertSame([['S', 8, 0], ['M', 26, 23], ['L', 26, 26], ['XL', 12, 12]], array_map(static fn ($s): array => [$s->size, $s->ordered, $s->left], $sizes));
        self::assertSame('M', $count->lines[0]->next);
        self::assertSame([11, 72], [$count->good, $count->ordered]);
        $other = RunCount::of(self::two(), [...self::good(5, '', line: 1)], self::BEGAN);
        self::assertSame(1, $other->line, 'the garment that is printed now');
        self::assertSame(0, RunCount::of(self::two(), [...self::good(24, '', line: 1)], self::BEGAN)->line, 'done with it, the other one is next');
        self::assertSame(0, RunCount::of(self::two(), [], self::BEGAN)->line);
    }

    /** 40 pieces at 50 s where 44 were reckoned: closed form of a mean with a prior of 12 pieces. */
    public function testThePaceIsDrawnFromTheReckonedToWhatThePressDoes(): void
    {
        $count = RunCount::of(self::order(), self::good(41, 'M', every: 50.0), self::BEGAN + 40 * 50_000);
        self::assertEqualsWithDelta((12 * 44 + 40 * 50) / 52, $count->goes->pace->seconds, 1e-9);
        self::assertSame(40, $count->goes->pace->measured);
        self::assertGreaterThan($count->goes->pace->low, $count->goes->pace->seconds);
        $share = 1.645 * sqrt((0.2 * 12 / 52) ** 2 + 0.35 ** 2 * 40 / 52 ** 2);
        self::assertEqualsWithDelta($count->goes->pace->seconds * (1 + $share), $count->goes->pace->high, 1e-9);
        // 2000 s at 44 s are 45 pieces beside the first; 41 are good.
        self::assertSame(41 - 1 - 45, $count->goes->ahead);
        self::assertSame((int) round(self::BEGAN + 2_000_000 + 1000 * 46 * $count->goes->pace->seconds), $count->goes->doneMs, '15 of M are more than ordered, S, L and XL are left');
        $ahead = RunCount::of(self::order(), self::good(41, 'M', every: 40.0), self::BEGAN + 40 * 40_000);
        self::assertSame(41 - 1 - 36, $ahead->goes->ahead);
        self::assertSame(44.0, RunCount::of(self::order(), [], self::BEGAN)->goes->pace->seconds);
    }

    public function testAStopIsNoSlowPrinting(): void
    {
        $before = self::good(11, 'M', every: 44.0);
        $stopped = new RunEvent('stop', self::BEGAN + 445_000, RunEventKind::Stopped, reason: StopReason::Ink);
        $again = new RunEvent('stop-of-the-other-tablet', self::BEGAN + 460_000, RunEventKind::Stopped, reason: StopReason::Screen);
        $standing = RunCount::of(self::order(), [...$before, $stopped, $again], self::BEGAN + 900_000);
        self::assertSame(StopReason::Ink, $standing->standing?->reason, 'who told it first');
        self::assertEqualsWithDelta(455 / 60, $standing->standing->minutes(self::BEGAN + 900_000), 1e-9);
        $on = new RunEvent('on', self::BEGAN + 1_445_000, RunEventKind::Resumed);
        $after = self::good(10, 'M', every: 44.0, after: 1_484);
        $count = RunCount::of(self::order(), [...$before, $stopped, $on, ...$after], self::BEGAN + 2_000_000);
        self::assertNull($count->standing);
        self::assertSame(20, $count->goes->pace->measured);
        // 10 gaps of 44 s, the stop taken out of the eleventh (5 s before it and 39 s after), nine more of 44 s.
        self::assertEqualsWithDelta((12 * 44 + 10 * 44 + 44 + 9 * 44) / 32, $count->goes->pace->seconds, 1e-6);
        $counted = RunCount::of(self::order(), [...$before, $stopped, ...$after], self::BEGAN + 2_000_000);
        self::assertNull($counted->standing, 'who counts a piece has gone on');
    }

    public function testALongSilenceIsAStopAndSoSaid(): void
    {
        $count = RunCount::of(self::order(), [...self::good(5, 'M', every: 44.0), ...self::good(5, 'M', every: 44.0, after: 3_000)], self::BEGAN + 4_000_000);
        self::assertSame(8, $count->goes->pace->measured);
        self::assertEqualsWithDelta(44.0, $count->goes->pace->seconds, 1e-9);
        self::assertStringContainsString('47 min without a piece', implode(' ', $count->says));
        $stack = [new RunEvent('first', self::BEGAN, RunEventKind::Good, size: 'M'), new RunEvent('ten', self::BEGAN + 440_000, RunEventKind::Good, size: 'M', pieces: 10)];
        self::assertSame([], RunCount::of(self::order(), $stack, self::BEGAN + 440_000)->says, 'ten that are counted as a stack take their time');
    }

    /** Ink by weight: what was put there less what the pieces took, down to what a flood needs. */
    public function testInkLastsAsLongAsItsWeightSays(): void
    {
        $events = [
            new RunEvent('w', self::BEGAN - 10, RunEventKind::Filled, plate: 7, grams: 150.0),
            ...self::good(20, 'M', every: 44.0),
        ];
        $count = RunCount::of(self::order(), $events, self::BEGAN);
        [$base, $straw] = $count->inks;
        self::assertEqualsWithDelta(150 - 20 * 2.5, $base->grams, 1e-9);
        self::assertSame((int) floor((100 - InkOnScreen::FLOOD_G) / 2.5), $base->pieces);
        self::assertEqualsWithDelta(30 * 44 / 60, $base->minutes, 1e-6);
        self::assertFalse($base->soon);
        self::assertSame([null, null], [$straw->grams, $straw->pieces], 'nobody said what lies there');
        $more = RunCount::of(self::order(), [...$events, ...self::good(14, 'L', every: 44.0, after: 900)], self::BEGAN);
        self::assertSame(16, $more->inks[0]->pieces);
        self::assertTrue($more->inks[0]->soon);
        $refilled = RunCount::of(self::order(), [...$events, new RunEvent('w2', self::BEGAN + 880_000, RunEventKind::Filled, plate: 7, grams: 50.0)], self::BEGAN);
        self::assertSame(50, $refilled->inks[0]->pieces);
        // On natural cloth the base stays up.
        $natural = RunCount::of(self::two(), [new RunEvent('w', self::BEGAN - 1, RunEventKind::Filled, plate: 7, grams: 150.0), ...self::good(24, '', line: 1)], self::BEGAN);
        self::assertEqualsWithDelta(150.0, $natural->inks[0]->grams, 1e-9);
    }

    /** What is done falls behind no more; what is planned is never more than the order. */
    public function testAheadIsHeldAgainstTheRhythmUntilItIsDone(): void
    {
        $small = new RunOrder([new RunLine('Tote', ['' => 10])], [], 44.0, 24);
        $ten = self::good(10, '', every: 50.0);
        // Nine gaps of 50 s: 450 s are ten pieces at 44 s beside the first; the order is ten.
        self::assertSame(0, RunCount::of($small, $ten, self::BEGAN + 450_000)->goes->ahead);
        self::assertSame(0, RunCount::of($small, $ten, self::BEGAN + 9_000_000)->goes->ahead, 'hours later it is still done');
        $five = self::good(5, '', every: 50.0);
        self::assertSame(5 - 10, RunCount::of($small, $five, self::BEGAN + 9_000_000)->goes->ahead, 'never more behind than what is left');
        $ended = [...$five, new RunEvent('e', self::BEGAN + 220_000, RunEventKind::Ended)];
        self::assertSame(5 - 6, RunCount::of($small, $ended, self::BEGAN + 9_000_000)->goes->ahead, 'ended at 220 s, when six were planned');
        self::assertSame(0, RunCount::of(new RunOrder([new RunLine('Tote', ['' => 10])], [], 0.0, 24), $five, self::BEGAN + 9_000_000)->goes->ahead, 'nothing was reckoned');
        self::assertSame(0, RunCount::of($small, [], self::BEGAN + 9_000_000)->goes->ahead, 'it has not begun');
        $open = new RunOrder([new RunLine('Tote', ['' => 0])], [], 44.0, 24);
        self::assertSame(5 - 1 - 22, RunCount::of($open, $five, self::BEGAN + 1_000_000)->goes->ahead, 'nobody said how many');
        self::assertCount(1, RunCount::of($small, $five, self::BEGAN)->lines);
        self::assertNull(RunCount::of($small, $ten, self::BEGAN)->goes->doneMs);
    }

    /** 150 g on the screen, 20 pieces at 2.5 g, 95 g weighed back: 55 g are gone where 50 were reckoned. */
    public function testInkThatComesBackTellsWhatWasUsed(): void
    {
        $events = [new RunEvent('w', self::BEGAN - 10, RunEventKind::Filled, plate: 7, grams: 150.0), ...self::good(20, 'M'), new RunEvent('r', self::BEGAN + 2_000_000, RunEventKind::Returned, plate: 7, grams: 95.0)];
        $ink = RunCount::of(self::order(), $events, self::BEGAN)->inks[0];
        self::assertEquals([null, new InkUsed(55.0, 50.0)], [$ink->grams, $ink->used]);
        $again = RunCount::of(self::order(), [...$events, new RunEvent('w2', self::BEGAN + 2_100_000, RunEventKind::Filled, plate: 7, grams: 60.0), ...self::good(4, 'L', after: 2_200)], self::BEGAN)->inks[0];
        self::assertSame([50.0, 55.0], [$again->grams, $again->used?->realG]);
        $more = RunCount::of(self::order(), [...\array_slice($events, 0, 3), new RunEvent('r', self::BEGAN + 2_000_000, RunEventKind::Returned, plate: 7, grams: 160.0)], self::BEGAN);
        self::assertStringContainsString('10 g more came back from Base', implode(' ', $more->says));
        self::assertSame(0.0, (new RunEvent('r', 0, RunEventKind::Returned, plate: 7, grams: 0.0))->grams, 'nothing came back');
    }

    public function testAStopIsAsLongAsItWas(): void
    {
        $stop = new RunEvent('s', self::BEGAN + 10_000, RunEventKind::Stopped, reason: StopReason::Screen);
        $on = new RunEvent('o', self::BEGAN + 130_000, RunEventKind::Resumed);
        $count = RunCount::of(self::order(), [...self::good(1, 'M'), $stop, $on], self::BEGAN + 900_000);
        self::assertEquals([new Stop(self::BEGAN + 10_000, self::BEGAN + 130_000, StopReason::Screen)], $count->stops);
        self::assertEqualsWithDelta(2.0, $count->stops[0]->minutes(self::BEGAN + 900_000), 1e-9);
    }

    public function testAScreenThatStaysUpOnThisGarmentKeepsItsInk(): void
    {
        $count = RunCount::of(self::two(), [new RunEvent('w', self::BEGAN - 1, RunEventKind::Filled, plate: 7, grams: 150.0), ...self::good(5, '', line: 1)], self::BEGAN);
        self::assertSame([7, 'Base', 150.0, null], [$count->inks[0]->plate, $count->inks[0]->name, $count->inks[0]->grams, $count->inks[0]->pieces]);
        $boxed = RunCount::of(self::two(), [...self::good(5, '', line: 1), new RunEvent('b', self::BEGAN + 900_000, RunEventKind::Boxed, pieces: 8, name: '1')], self::BEGAN);
        self::assertSame('8 pieces lie in boxes and 5 are good: count a box again.', $boxed->says[0]);
    }

    public function testTheRegisterIsLookedAtEverySoMany(): void
    {
        self::assertSame(24, RunCount::of(self::order(), [], self::BEGAN)->lookIn);
        self::assertSame(4, RunCount::of(self::order(), self::good(20, 'M'), self::BEGAN)->lookIn);
        self::assertSame(0, RunCount::of(self::order(), self::good(30, 'M'), self::BEGAN)->lookIn);
        $looked = [...self::good(20, 'M'), new RunEvent('l', self::BEGAN + 900_000, RunEventKind::Looked), ...self::good(3, 'M', after: 1000)];
        self::assertSame(21, RunCount::of(self::order(), $looked, self::BEGAN)->lookIn);
    }

    public function testWhatCannotAddUpIsSaid(): void
    {
        $bad = array_map(static fn (int $i): RunEvent => new RunEvent("m$i", self::BEGAN + 1000 * $i, RunEventKind::Misprint, at: new Point(10.0, -20.0), cause: MisprintCause::PickUp), range(0, 4));
        $spoiled = RunCount::of(self::order(), [...self::good(2, 'M'), ...$bad], self::BEGAN);
        self::assertStringContainsString('5 misprints and 2 good', implode(' ', $spoiled->says));
        self::assertStringContainsString('flash it longer', implode(' ', $spoiled->says));
        self::assertSame([MisprintCause::PickUp, 5, 5], [$spoiled->misprinted[0]->cause, $spoiled->misprinted[0]->pieces, \count($spoiled->misprinted[0]->places)]);
        self::assertSame([], RunCount::of(self::order(), [...self::good(20, 'M'), ...\array_slice($bad, 0, 2)], self::BEGAN)->says);
        $over = RunCount::of(self::order(), self::good(9, 'S'), self::BEGAN);
        self::assertStringContainsString('S: 1 more than ordered', $over->says[0]);
        $boxes = [...self::good(24, 'M'), ...array_map(static fn (int $i): RunEvent => new RunEvent("b$i", self::BEGAN + 2_000_000 + $i, RunEventKind::Boxed, pieces: 12 + $i, name: '1'), [0, 1])];
        $closed = RunCount::of(self::order(), $boxes, self::BEGAN);
        self::assertCount(1, $closed->boxes);
        self::assertSame(12, $closed->boxes[0]->pieces);
        self::assertStringContainsString('Box 1 was closed 2 times', $closed->says[0]);
        $ended = RunCount::of(self::order(), [...self::good(3, 'M'), new RunEvent('e', self::BEGAN + 200_000, RunEventKind::Ended)], self::BEGAN + 300_000);
        self::assertSame(self::BEGAN + 200_000, $ended->goes->endedMs);
        $on = RunCount::of(self::order(), [...self::good(3, 'M'), new RunEvent('e', self::BEGAN + 200_000, RunEventKind::Ended), ...self::good(1, 'M', after: 240)], self::BEGAN + 300_000);
        self::assertNull($on->goes->endedMs, 'a piece after the end: it goes on');
        self::assertSame(4, $on->good);
        $noted = RunCount::of(self::order(), [...self::good(2, 'M'), new RunEvent('n', self::BEGAN + 5, RunEventKind::Noted, plate: 9, name: 'taped')], self::BEGAN);
        self::assertSame([[9, 'taped'], 2], [[$noted->notes[0]->plate, $noted->notes[0]->words], $noted->good]);
        $gone = RunCount::of(self::order(), self::good(2, 'XXL'), self::BEGAN);
        self::assertSame(2, $gone->good, 'a size that left the order is not lost');
    }

    /** @param \Closure(): RunEvent $told */
    #[DataProvider('impossible')]
    public function testWhatCannotHaveBeenIsRefused(\Closure $told, string $on): void
    {
        try {
            $told();
            self::fail('refused');
        } catch (ImpossibleCount $not) {
            self::assertSame($on, $not->on);
        }
    }

    /** @return iterable<string, array{\Closure(): RunEvent, string}> */
    public static function impossible(): iterable
    {
        yield 'none at all' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Good, pieces: 0), 'pieces'];
        yield 'too many' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Good, pieces: 501), 'pieces'];
        yield 'ink on no screen' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Filled, grams: 40.0), 'plate'];
        yield 'ink without weight' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Filled, plate: 1), 'grams'];
        yield 'a tub of it' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Filled, plate: 1, grams: 5001.0), 'grams'];
        yield 'a box of no name' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Boxed), 'name'];
        yield 'nothing noted' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::Noted, name: ' '), 'name'];
        yield 'nothing taken back' => [static fn (): RunEvent => new RunEvent('x', 0, RunEventKind::TakenBack), 'name'];
    }

    private static function order(): RunOrder
    {
        return new RunOrder([new RunLine('Tee, dark navy', ['S' => 8, 'M' => 26, 'L' => 26, 'XL' => 12], [7 => 2.5, 9 => 0.8])], [7 => 'Base', 9 => 'Straw'], 44.0, 24);
    }

    private static function two(): RunOrder
    {
        return new RunOrder([new RunLine('Tee, navy', ['' => 48], [7 => 2.5]), new RunLine('Tote, natural', ['' => 24])], [7 => 'Base'], 44.0, 24);
    }

    /** @return list<RunEvent> one piece at a time */
    private static function good(int $many, string $size, float $every = 44.0, int $after = 0, int $line = 0): array
    {
        return array_map(static fn (int $i): RunEvent => new RunEvent("g$size$line-$after-$i", (int) (self::BEGAN + 1000 * ($after + $i * $every)), RunEventKind::Good, line: $line, size: $size), range(0, $many - 1));
    }

    /** Two stops, three colours, one piece spoiled at the second: worked out by hand. */
    public function testOnATableEachColourWaitsForTheOneBelowItOnEveryPiece(): void
    {
        $order = new RunOrder([new RunLine('Panel', ['' => 4], [1 => 2.0, 2 => 3.0, 3 => 1.0])], [1 => 'Sand', 2 => 'Sea', 3 => 'Ink'], 60.0, 24, new TableOnRun(3, [1 => 30.0, 2 => 45.0]));
        $at = static fn (int $s): int => self::BEGAN + 1000 * $s;
        $told = [
            new RunEvent('f1', $at(-9), RunEventKind::Filled, plate: 1, grams: 100.0),
            new RunEvent('f2', $at(-8), RunEventKind::Filled, plate: 2, grams: 100.0),
            new RunEvent('f3', $at(-7), RunEventKind::Filled, plate: 3, grams: 100.0),
            ...array_map(static fn (int $i): RunEvent => new RunEvent("a$i", $at(20 * $i), RunEventKind::Laid, plate: 1), range(0, 3)),
            new RunEvent('b0', $at(100), RunEventKind::Laid, plate: 2),
            new RunEvent('b1', $at(120), RunEventKind::Misprint, plate: 2, cause: MisprintCause::Lint),
        ];
        $count = RunCount::of($order, $told, $at(130));
        self::assertNotNull($count->table);
        $seen = array_map(static fn (Pass $p): array => [$p->laid, $p->spoiled, $p->waiting, $p->stop], $count->table->passes);
        self::assertSame([[4, 0, 0, 2], [1, 1, 2, 3], [0, 0, 1, 1]], $seen);
        self::assertSame(2, $count->table->plate, 'two pieces wait for the sea still');
        self::assertSame($at(40 + 30), $count->table->passes[1]->readyMs, 'the third piece had its sand at 40 s');
        self::assertSame($at(100 + 45), $count->table->passes[2]->readyMs);
        self::assertSame([0, 1], [$count->good, $count->misprints]);
        self::assertSame([92.0, 94.0, 100.0], array_map(static fn (InkOnScreen $i): ?float => $i->grams, $count->inks), 'ink goes where a colour was laid, or spoiled a piece');
        self::assertSame(1, $count->goes->done, 'five layings of three colours');
        // Six layings took 120 s after the first: 20 s each as reckoned, so a piece is a minute.
        self::assertEqualsWithDelta((12 * 20 + 120) / 17 * 3, $count->goes->pace->seconds, 1e-9);

        $done = [...$told, new RunEvent('b2', $at(140), RunEventKind::Laid, plate: 2, pieces: 2), new RunEvent('c', $at(200), RunEventKind::Good, pieces: 3)];
        $end = RunCount::of($order, $done, $at(210));
        self::assertSame([3, 1, 0], [$end->good, $end->misprints, $end->table->passes[2]->waiting ?? null]);
        $wrong = RunCount::of($order, [...$done, new RunEvent('d', $at(220), RunEventKind::Good)], $at(230));
        self::assertStringContainsString('4 pieces have Ink and only 3 had Sea', implode(' ', $wrong->says));
        $this->expectException(ImpossibleCount::class);
        new RunEvent('e', self::BEGAN, RunEventKind::Laid);
    }
}
