<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\DoubtfulReadings;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Registration\Repeating;
use Ektype\Core\Registration\SlipOfHand;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Mend only what repeats: on presses whose true misfit and scatter are known. */
final class RepeatingTest extends TestCase
{
    private const MARKS = [[0.0, 164.0], [0.0, -164.0], [-150.0, 164.0], [150.0, 164.0], [-150.0, -164.0], [150.0, -164.0]];

    /** 500 presses, two to six marks, one to three prints, scatter up to 0.3 mm that the shop knows of its press. */
    public function testTurnsDoNotMakeTheTrueMisfitWorse(): void
    {
        $random = new Randomizer(new Mt19937(15));
        $worse = 0;
        $most = -\INF;
        $gain = 0.0;
        for ($press = 0; $press < 500; ++$press) {
            $scatter = 0.3 * self::unit($random);
            [$true, $prints] = self::strikeOff($random, $scatter, 0.02);
            [$before, $after] = self::misfits($true, $prints, $scatter);
            $worse += $after > $before + 1e-9 ? 1 : 0;
            $most = max($most, $after - $before);
            $gain += $after / $before / 500;
        }
        self::assertLessThan(0.02 * 500, $worse);
        self::assertLessThan(0.02, $most);
        self::assertLessThan(0.85, $gain, 'and it helps');
    }

    /** Nothing to mend, three prints with 0.2 mm of loading scatter: what they show by chance is turned back on fewer than one press of fifty. */
    public function testScatterIsNotTurnedBack(): void
    {
        $random = new Randomizer(new Mt19937(3));
        $worse = 0;
        for ($press = 0; $press < 2000; ++$press) {
            $prints = [];
            for ($p = 0; $p < 3; ++$p) {
                $prints[] = self::printed(static fn (float $x, float $y): array => [0.0, 0.0], 3 + $press % 4, [0.2 * self::normal($random), 0.2 * self::normal($random)], 0.02, $random);
            }
            $worse += self::misfits(static fn (float $x, float $y): array => [0.0, 0.0], $prints, null)[1] > 1e-9 ? 1 : 0;
        }
        self::assertLessThan(40, $worse);
    }

    /** Readings as a loupe gives them are not sent back to be read again; readings that stray by a tenth are. */
    public function testOnlyReadingsThatStrayAreReadAgain(): void
    {
        $random = new Randomizer(new Mt19937(60));
        $again = ['as a loupe reads' => 0, 'as nobody should' => 0];
        foreach (['as a loupe reads' => 0.03, 'as nobody should' => 0.2] as $how => $error) {
            for ($press = 0; $press < 60; ++$press) {
                $prints = [];
                for ($p = 0; $p < 3; ++$p) {
                    $prints[] = self::printed(static fn (float $x, float $y): array => [0.12, -0.3], 6, [0.02 * self::normal($random), 0.02 * self::normal($random)], $error, $random);
                }
                $again[$how] += str_contains(Repeating::of($prints)->says(3, null), 'read them again') ? 1 : 0;
            }
        }
        self::assertSame(0, $again['as a loupe reads']);
        self::assertGreaterThan(30, $again['as nobody should']);
    }

    /** Marks 14 mm apart tell no turn, on one print or on five: only the shift is taken from them. */
    public function testMarksNearEachOtherTurnNothing(): void
    {
        $print = [new Reading('a', 0, 7, 0.3, 0.1), new Reading('b', 0, -7, 0.1, 0.1), new Reading('c', 7, 0, 0.2, 0.2)];
        foreach ([1, 2, 5] as $count) {
            $of = Repeating::of(array_fill(0, $count, $print));
            self::assertNull($of->turnRad);
            self::assertSame(0.0, $of->mendable->turnRad);
        }
        self::assertEqualsWithDelta(0.2, Repeating::of([$print, $print, $print, $print])->mendable->xMm, 1e-9);
        self::assertStringContainsString('If these places are inches', implode(' ', self::doubts($print)));
    }

    public function testCleanReadingsAreMendedWhole(): void
    {
        $random = new Randomizer(new Mt19937(8));
        for ($press = 0; $press < 200; ++$press) {
            $t = [self::unit($random) - 0.5, self::unit($random) - 0.5];
            $turn = 0.004 * (self::unit($random) - 0.5);
            $true = static fn (float $x, float $y): array => [$t[0] - $turn * $y, $t[1] + $turn * $x];
            $prints = [];
            for ($p = 0; $p < 1 + $press % 3; ++$p) {
                $prints[] = self::printed($true, 2 + $press % 5, [0.0, 0.0], 0.0, $random);
            }
            [, $after] = self::misfits($true, $prints, null);
            self::assertLessThan(0.02, $after);
        }
    }

    /** Standard errors are what they say: of 2000 strike-offs the estimates scatter as told. */
    public function testStandardErrorsAreWhatTheySay(): void
    {
        $random = new Randomizer(new Mt19937(21));
        $x = $turn = [];
        $saidX = $saidTurn = 0.0;
        for ($k = 0; $k < 2000; ++$k) {
            $prints = [];
            for ($p = 0; $p < 4; ++$p) {
                $prints[] = self::printed(static fn (float $x, float $y): array => [0.3 - 0.001 * $y, 0.001 * $x], 6, [0.15 * self::normal($random), 0.15 * self::normal($random)], 0.05, $random);
            }
            $of = Repeating::of($prints, 0.15);
            $x[] = $of->shift->xMm;
            $turn[] = $of->turnRad ?? 0.0;
            $saidX += $of->shiftSd->xMm ** 2 / 2000;
            $saidTurn += ($of->turnSd ?? 0.0) ** 2 / 2000;
        }
        self::assertEqualsWithDelta(1.0, self::sd($x) / sqrt($saidX), 0.08);
        self::assertEqualsWithDelta(1.0, self::sd($turn) / sqrt($saidTurn), 0.08);
    }

    /** Two prints of a pure shift that were loaded apart; the second misses the marks on the right: no turn comes of it. */
    public function testAMarkThatIsMissingMakesNoFalseTurn(): void
    {
        $random = new Randomizer(new Mt19937(1));
        $true = static fn (float $x, float $y): array => [0.1, 0.2];
        $first = self::printed($true, 6, [0.0, 0.4], 0.0, $random);
        $second = array_values(array_filter(self::printed($true, 6, [0.0, -0.4], 0.0, $random), static fn (Reading $r): bool => $r->xMm < 1));
        $of = Repeating::of([$first, $second]);
        self::assertEqualsWithDelta(0.0, $of->turnRad, 1e-12);
        foreach ((new Readings([$first, $second]))->means as $mean) {
            self::assertEqualsWithDelta(0.2, $mean->offYMm, 1e-9, $mean->mark);
        }
        self::assertEqualsWithDelta(0.0, MisfitFit::of(new Readings([$first, $second]))->rotationDeg, 1e-9);
    }

    public function testASignThatIsTurnedIsNamedBeforeAnythingIsAdvised(): void
    {
        $marks = [new Reading('top', 0, 164, 0.3, -0.2), new Reading('bottom', 0, -164, 0.3, 0.2), new Reading('left', -150, 0, 0.31, 0.21), new Reading('right', 150, 0, 0.29, 0.2)];
        self::assertStringContainsString('“top” disagrees with the other three: with its sign turned away from you it would fit', self::doubts($marks)[0] ?? '');
        $marks[0] = new Reading('top', 0, 164, 0.3, 0.2);
        self::assertSame([], self::doubts($marks), 'turned back, nothing is doubted');
    }

    public function testTwoMarksTakenForEachOtherAreNamed(): void
    {
        // A turn of 3 mrad about the middle; left and right changed over.
        $of = static fn (string $name, float $x, float $y): Reading => new Reading($name, $x, $y, -0.003 * $y, 0.003 * $x);
        [$left, $right] = [$of('left', -150, 0), $of('right', 150, 0)];
        $marks = [$of('top', 0, 164), $of('bottom', 0, -164), $of('far right', 150, 164), new Reading('left', -150, 0, $right->offXMm, $right->offYMm), new Reading('right', 150, 0, $left->offXMm, $left->offYMm)];
        self::assertStringContainsString('“left” and “right” disagree with the rest', self::doubts($marks)[0] ?? '');
    }

    /** Growth is no slip of the hand: a film 0.1 % too long in all directions is believed. */
    public function testGrowthIsNotTakenForASlip(): void
    {
        $marks = array_map(static fn (array $m, int $i): Reading => new Reading("m$i", $m[0], $m[1], 0.2 + 0.001 * $m[0], -0.1 + 0.001 * $m[1]), self::MARKS, array_keys(self::MARKS));
        self::assertSame([], self::doubts($marks));
    }

    /** With one knob the worst mark never grows, whatever the sum of squares would like. */
    public function testWithFewKnobsTheWorstMarkNeverGrows(): void
    {
        $random = new Randomizer(new Mt19937(44));
        for ($k = 0; $k < 200; ++$k) {
            $prints = [array_map(static fn (array $m, int $i): Reading => new Reading("m$i", $m[0], $m[1], 0.6 * self::normal($random), 0.6 * self::normal($random)), self::MARKS, array_keys(self::MARKS))];
            $readings = new Readings($prints);
            $before = max(array_map(static fn (Reading $r): float => $r->offMm(), $readings->means));
            $knobs = [new Knob('A', new Point(-210, 330), new Point(0, 1), 1.25), ...($k % 2 === 0 ? [new Knob('B', new Point(0, 330), new Point(1, 0), 1.25)] : [])];
            self::assertLessThanOrEqual($before + 1e-9, RegistrationSolver::mend($readings, MisfitFit::of($readings), $knobs)->afterMaxMm);
        }
    }

    /**
     * @param list<Reading> $marks
     *
     * @return list<string>
     */
    private static function doubts(array $marks): array
    {
        $readings = new Readings([$marks]);

        return DoubtfulReadings::says($readings, MisfitFit::of($readings), SlipOfHand::among($readings->byPrint));
    }

    /** @return array{\Closure(float, float): array{float, float}, list<list<Reading>>} */
    private static function strikeOff(Randomizer $random, float $scatter, float $reading): array
    {
        $small = $random->getInt(0, 2) === 0 ? 0.15 : 1.0;
        $t = [$small * 1.2 * (self::unit($random) - 0.5), $small * 1.2 * (self::unit($random) - 0.5)];
        $turn = $small * 0.004 * (self::unit($random) - 0.5);
        $grown = [0.001 * (self::unit($random) - 0.5), 0.001 * (self::unit($random) - 0.5)];
        $true = static fn (float $x, float $y): array => [$t[0] - $turn * $y + $grown[0] * $x, $t[1] + $turn * $x + $grown[1] * $y];
        $marks = $random->getInt(2, 6);
        $prints = [];
        for ($p = $random->getInt(1, 3); $p > 0; --$p) {
            $prints[] = self::printed($true, $marks, [$scatter * self::normal($random), $scatter * self::normal($random)], $reading, $random);
        }

        return [$true, $prints];
    }

    /**
     * @param \Closure(float, float): array{float, float} $true
     * @param array{float, float}                         $loaded
     *
     * @return list<Reading>
     */
    private static function printed(\Closure $true, int $marks, array $loaded, float $reading, Randomizer $random): array
    {
        $read = [];
        foreach (\array_slice(self::MARKS, 0, $marks) as $i => [$x, $y]) {
            [$dx, $dy] = $true($x, $y);
            $read[] = new Reading("m$i", $x, $y, $dx + $loaded[0] + $reading * self::normal($random), $dy + $loaded[1] + $reading * self::normal($random));
        }

        return $read;
    }

    /**
     * @param \Closure(float, float): array{float, float} $true
     * @param list<list<Reading>>                         $prints
     *
     * @return array{float, float} root mean square of the true misfit at the marks before and after the turns
     */
    private static function misfits(\Closure $true, array $prints, ?float $scatter): array
    {
        $move = Repeating::of($prints, $scatter)->mendable;
        $before = $after = 0.0;
        foreach ($prints[0] as $r) {
            [$dx, $dy] = $true($r->xMm, $r->yMm);
            $before += $dx ** 2 + $dy ** 2;
            $after += ($dx - $move->xMm + $move->turnRad * $r->yMm) ** 2 + ($dy - $move->yMm - $move->turnRad * $r->xMm) ** 2;
        }

        return [sqrt($before / \count($prints[0])), sqrt($after / \count($prints[0]))];
    }

    /** @param list<float> $values */
    private static function sd(array $values): float
    {
        $mean = array_sum($values) / \count($values);

        return sqrt(array_sum(array_map(static fn (float $v): float => ($v - $mean) ** 2, $values)) / (\count($values) - 1));
    }

    private static function unit(Randomizer $random): float
    {
        return $random->getInt(0, 1_000_000) / 1_000_000;
    }

    private static function normal(Randomizer $random): float
    {
        return sqrt(-2 * log($random->getInt(1, 1_000_000_000) / 1_000_000_001)) * cos(2 * \M_PI * $random->getInt(0, 1_000_000_000) / 1_000_000_000);
    }
}
