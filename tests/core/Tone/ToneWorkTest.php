<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Tone;

use Ektype\Core\Tone\Bend;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\ToneWork;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a printer sets on the curve is what is wished, and between the points nothing turns back. */
final class ToneWorkTest extends TestCase
{
    public function testTheCurveGoesThroughItsPointsAndNeverFalls(): void
    {
        mt_srand(23);
        for ($i = 0; $i < 60; ++$i) {
            $points = [];
            [$x, $y] = [0.0, 0.0];
            for ($n = mt_rand(1, 6); $n > 0; --$n) {
                $x += mt_rand(2, 14);
                $y = min(100.0, $y + mt_rand(0, 30));
                $points[] = [$x, $y];
            }
            $bend = new Bend($points);
            foreach ($points as [$of, $wished]) {
                self::assertEqualsWithDelta($wished, $bend->at($of), 1e-9);
            }
            $before = -1e-9;
            for ($of = 0.0; $of <= 100; $of += 0.25) {
                if ($bend->at($of) < $before - 1e-9) {
                    self::fail("at $of");
                }
                $before = $bend->at($of);
            }
            self::assertEqualsWithDelta(100.0, $bend->at(100.0), 1e-9);
        }
    }

    /** With three points on a line the cubics are that line. */
    public function testAStraightBendIsStraight(): void
    {
        $bend = new Bend([[25.0, 25.0], [70.0, 70.0]]);
        foreach ([3.0, 25.0, 41.5, 70.0, 99.0] as $of) {
            self::assertEqualsWithDelta($of, $bend->at($of), 1e-9);
        }
        self::assertTrue((new Bend())->isStraight());
        self::assertFalse((new Bend([[50.0, 60.0]]))->isStraight());
    }

    /** Fritsch and Carlson: slopes of 2 and 2/3 on either side have the harmonic mean of 1 at the point between. */
    public function testTheSlopeAtAPointIsTheHarmonicMeanOfItsNeighbours(): void
    {
        $bend = new Bend([[25.0, 50.0]]);
        $slope = ($bend->at(25.001) - $bend->at(24.999)) / 0.002;
        self::assertEqualsWithDelta(2 * 2 * (2 / 3) / (2 + 2 / 3), $slope, 1e-3);
    }

    public function testEndsAndMiddleComeBeforeTheBend(): void
    {
        $work = new ToneWork(20.0, 80.0, 2.0, new Bend([[50.0, 30.0]]));
        self::assertEqualsWithDelta(0.0, $work->on(12.0), 1e-9);
        self::assertEqualsWithDelta(100.0, $work->on(91.0), 1e-9);
        // A quarter of the way between the ends, lifted by 2, is half of it; the bend takes half to 30.
        self::assertEqualsWithDelta(30.0, $work->on(35.0), 1e-9);
        self::assertSame(\chr(0), $work->table()[30]);
        self::assertSame(\chr(255), $work->table()[230]);
        self::assertFalse($work->leavesTones());
        self::assertTrue((new ToneWork(grounds: [[0.1, 0.1]]))->leavesTones(), 'a ground is no tone');
    }

    /** @return iterable<string, array{callable(): mixed, string, string}> */
    public static function faults(): iterable
    {
        yield 'falls' => [static fn () => new Bend([[20.0, 60.0], [50.0, 40.0]]), 'bend', 'darker'];
        yield 'two at one place' => [static fn () => new Bend([[20.0, 30.0], [20.2, 40.0]]), 'bend', 'two points'];
        yield 'off the scale' => [static fn () => new Bend([[20.0, 130.0]]), 'bend', '0 to 100'];
        yield 'too many' => [static fn () => new Bend(array_map(static fn (int $i): array => [5.0 * $i, 5.0 * $i], range(1, 17))), 'bend', '16'];
        yield 'no picture' => [static fn () => new ToneWork(60.0, 62.0), 'darkest', 'no picture'];
        yield 'no middle' => [static fn () => new ToneWork(middle: 9.0), 'middleTone', 'one tone'];
        yield 'too crisp' => [static fn () => new ToneWork(crisp: 1.4), 'crisp', '100 %'];
    }

    /** @param callable(): mixed $wish */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsNamed(callable $wish, string $on, string $says): void
    {
        try {
            $wish();
            self::fail('It was taken.');
        } catch (ImpossibleTone $not) {
            self::assertSame($on, $not->on);
            self::assertStringContainsString($says, $not->getMessage());
        }
    }
}
