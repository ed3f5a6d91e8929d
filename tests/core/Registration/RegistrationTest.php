<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\Misfit;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Unit\Point;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class RegistrationTest extends TestCase
{
    private const MARKS = [[0.0, 160.0], [0.0, -160.0], [-150.0, 160.0], [150.0, 160.0], [-150.0, -160.0], [150.0, -160.0]];

    public function testAKnownMisfitComesBackWhole(): void
    {
        // shift, A = [[growth x, shear - turn], [shear + turn, growth y]]
        [$tx, $ty, $gx, $gy, $shear, $turn] = [0.31, -0.22, 0.0004, -0.0007, 0.0003, 0.0011];
        $misfit = self::fit(
            self::MARKS,
            static fn (float $x, float $y): array => [$tx + $gx * $x + ($shear - $turn) * $y, $ty + ($shear + $turn) * $x + $gy * $y],
        );
        self::assertEqualsWithDelta($tx, $misfit->shift->xMm, 1e-9);
        self::assertEqualsWithDelta($ty, $misfit->shift->yMm, 1e-9);
        self::assertEqualsWithDelta(rad2deg($turn), $misfit->rotationDeg, 1e-9);
        self::assertEqualsWithDelta(100 * $gx, $misfit->growth->xPct, 1e-9);
        self::assertEqualsWithDelta(100 * $gy, $misfit->growth->yPct, 1e-9);
        self::assertEqualsWithDelta(rad2deg($shear), $misfit->shearDeg, 1e-9);
        self::assertSame([], $misfit->unknown);
    }

    public function testTurnsAppliedToTheReadingsBringThemToTheFloor(): void
    {
        $random = new Randomizer(new Mt19937(9));
        for ($try = 0; $try < 50; ++$try) {
            $readings = self::readings(
                self::MARKS,
                static fn (float $x, float $y): array => [
                    0.4 - 0.002 * $y + 0.00001 * $random->getInt(-2000, 2000),
                    -0.3 + 0.002 * $x + 0.00001 * $random->getInt(-2000, 2000),
                ],
            );
            $misfit = MisfitFit::of($readings);
            $knobs = [
                new Knob('left', new Point(-200.0 + $try, 300.0), new Point(0.1, 1.0), 1.25),
                new Knob('right', new Point(210.0, 320.0 - $try), new Point(0.0, -2.0), 0.8),
                new Knob('side', new Point(3.0 * $try, 350.0), new Point(1.0, 0.2), -1.5),
            ];
            $mending = RegistrationSolver::mend($readings, $misfit, $knobs);
            // A frame moves as one piece: find, by its own equations, the motion that these turns push it to.
            $motion = self::motionOf($knobs, array_column($mending->turns, 'turns'));
            $after = 0.0;
            foreach ($readings->means as $r) {
                $after = max($after, hypot($r->offXMm + $motion[0] - $motion[2] * $r->yMm, $r->offYMm + $motion[1] + $motion[2] * $r->xMm));
            }
            self::assertEqualsWithDelta($misfit->floorMaxMm, $after, 1e-6);
            self::assertEqualsWithDelta($mending->afterMaxMm, $after, 1e-6);
            self::assertLessThan(0.05, $after);
        }
    }

    public function testTheFormulaOfASingleKnob(): void
    {
        // A pure shift of 0.5 mm to the right, a knob that pushes right by 1.25 mm a turn: back by 0.4 of a turn.
        $readings = self::readings(self::MARKS, static fn (): array => [0.5, 0.0]);
        $mending = RegistrationSolver::mend(
            $readings,
            MisfitFit::of($readings),
            [
                new Knob('a', new Point(0.0, 300.0), new Point(0.0, 1.0), 1.0),
                new Knob('b', new Point(200.0, 300.0), new Point(0.0, 1.0), 1.0),
                new Knob('side', new Point(0.0, 350.0), new Point(1.0, 0.0), 1.25),
            ],
        );
        self::assertEqualsWithDelta(-0.4, $mending->turns[2]->turns, 1e-9);
        self::assertEqualsWithDelta(0.0, $mending->turns[0]->turns, 1e-9);
    }

    public function testNoSettingOfTwoKnobsLeavesLessThanTheOneGiven(): void
    {
        $readings = self::readings(self::MARKS, static fn (float $x, float $y): array => [0.3 - 0.001 * $y, 0.2 + 0.001 * $x]);
        $knobs = [
            new Knob('left', new Point(-200.0, 300.0), new Point(0.0, 1.0), 1.0),
            new Knob('right', new Point(200.0, 300.0), new Point(0.0, 1.0), 1.0),
        ];
        $mending = RegistrationSolver::mend($readings, MisfitFit::of($readings), $knobs);
        self::assertCount(2, $mending->turns);
        self::assertStringContainsString('Two knobs cannot mend', implode(' ', $mending->says));
        $left = static function (float $a, float $b) use ($readings): float {
            // Two knobs along y: the frame moves along y by their mean and turns by their difference.
            $turn = ($b - $a) / 400;
            $sum = 0.0;
            foreach ($readings->means as $r) {
                $sum += ($r->offXMm - $turn * $r->yMm) ** 2 + ($r->offYMm + ($a + $b) / 2 + $turn * $r->xMm) ** 2;
            }

            return $sum;
        };
        $best = $left($mending->turns[0]->turns, $mending->turns[1]->turns);
        foreach ([[0.02, 0.0], [-0.02, 0.0], [0.0, 0.02], [0.0, -0.02], [0.02, -0.02], [-0.02, 0.02]] as [$da, $db]) {
            self::assertGreaterThanOrEqual($best - 1e-9, $left($mending->turns[0]->turns + $da, $mending->turns[1]->turns + $db));
        }
    }

    /**
     * One or two knobs anywhere, pushing anyhow: no other turns of them leave less, where the frame goes no further than
     * they push it. What a contact moves by is reckoned here from the frame's own motion.
     */
    public function testAFewKnobsAnywhereLeaveTheLeast(): void
    {
        $random = new Randomizer(new Mt19937(21));
        for ($try = 0; $try < 12; ++$try) {
            $readings = self::readings(self::MARKS, static fn (float $x, float $y): array => [0.4 - 0.002 * $y, -0.3 + 0.002 * $x]);
            $knobs = [];
            for ($i = 0; $i <= $try % 2; ++$i) {
                $angle = $random->getInt(0, 359) * \M_PI / 180;
                $knobs[] = new Knob(
                    "knob $i",
                    new Point((float) $random->getInt(-250, 250), (float) $random->getInt(-350, 350)),
                    new Point(3 * cos($angle), 3 * sin($angle)),
                    0.5 + $random->getInt(0, 20) / 10,
                );
            }
            $mending = RegistrationSolver::mend($readings, MisfitFit::of($readings), $knobs);
            if ($mending->turns === []) {
                continue;
            }
            $turns = array_column($mending->turns, 'turns');
            $best = self::leftBy($readings, $knobs, $turns);
            foreach (array_keys($knobs) as $i) {
                foreach ([-0.003, 0.003] as $more) {
                    $other = $turns;
                    $other[$i] += $more;
                    self::assertGreaterThan($best, self::leftBy($readings, $knobs, array_values($other)), "try $try, knob $i, $more of a turn more");
                }
            }
        }
    }

    public function testMarksOnALineLeaveTheRestUnknown(): void
    {
        $misfit = self::fit([[0.0, 160.0], [0.0, -160.0]], static fn (float $x, float $y): array => [0.1 - 0.001 * $y, 0.2 + 0.0005 * $y]);
        self::assertEqualsWithDelta(rad2deg(0.001), $misfit->rotationDeg, 1e-9);
        self::assertNull($misfit->growth->xPct);
        self::assertEqualsWithDelta(0.05, $misfit->growth->yPct, 1e-9);
        self::assertNull($misfit->shearDeg);
        self::assertSame(['growth along x', 'shear'], $misfit->unknown);

        $slanted = self::fit([[-150.0, -100.0], [0.0, 20.0], [150.0, 140.0]], static fn (): array => [0.1, 0.2]);
        self::assertNull($slanted->growth->xPct);
        self::assertNull($slanted->growth->yPct);
        self::assertEqualsWithDelta(0.0, $slanted->growth->alongLinePct, 1e-9);
    }

    /** A slanted line of marks off the middle that grows along itself by a twentieth of a per cent, and is turned by a milliradian. */
    public function testALineOfMarksAnywhereTellsItsOwnGrowthAndItsTurn(): void
    {
        [$cos, $sin] = [cos(deg2rad(35.0)), sin(deg2rad(35.0))];
        $marks = array_map(static fn (float $along): array => [60.0 + $along * $cos, -40.0 + $along * $sin], [-120.0, -10.0, 30.0, 130.0]);
        $misfit = self::fit($marks, static function (float $x, float $y) use ($cos, $sin): array {
            $along = ($x - 60.0) * $cos + ($y + 40.0) * $sin;

            return [0.0005 * $along * $cos - 0.001 * ($y + 40.0), 0.0005 * $along * $sin + 0.001 * ($x - 60.0)];
        });
        self::assertEqualsWithDelta(0.05, $misfit->growth->alongLinePct, 1e-9);
        self::assertEqualsWithDelta(rad2deg(0.001), $misfit->rotationDeg, 1e-9);
        self::assertNull($misfit->growth->xPct);
    }

    public function testOneMarkIsAShiftOnly(): void
    {
        $readings = self::readings([[0.0, 160.0]], static fn (): array => [0.25, -0.1]);
        $misfit = MisfitFit::of($readings);
        self::assertEquals(new Point(0.25, -0.1), $misfit->shift);
        self::assertNull($misfit->rotationDeg);
        self::assertStringContainsString(
            'One mark shows a shift only',
            implode(' ', RegistrationSolver::mend($readings, $misfit, [])->says),
        );
    }

    public function testWithoutKnobsTheCornersAreTapped(): void
    {
        $readings = self::readings(self::MARKS, static fn (float $x, float $y): array => [0.3 - 0.001 * $y, 0.001 * $x]);
        $mending = RegistrationSolver::mend($readings, MisfitFit::of($readings), []);
        self::assertSame([], $mending->turns);
        self::assertCount(4, $mending->taps);
        foreach ($mending->taps as $tap) {
            [$x, $y] = [$tap->at->xMm, $tap->at->yMm];
            self::assertEqualsWithDelta(-(0.3 - 0.001 * $y), $tap->by->xMm, 1e-9, 'each corner moves back by what it is off');
            self::assertEqualsWithDelta(-0.001 * $x, $tap->by->yMm, 1e-9);
        }
    }

    public function testCornersToTapAreCornersEvenWhereTheMarksLieOnALine(): void
    {
        $readings = self::readings([[0.0, 160.0], [0.0, -160.0]], static fn (float $x, float $y): array => [0.1 - 0.001 * $y, 0.0]);
        $taps = RegistrationSolver::mend($readings, MisfitFit::of($readings), [])->taps;
        foreach ($taps as $tap) {
            self::assertGreaterThanOrEqual(50.0, abs($tap->at->xMm));
            self::assertEqualsWithDelta([-0.1 + 0.001 * $tap->at->yMm, -0.001 * $tap->at->xMm], [$tap->by->xMm, $tap->by->yMm], 1e-9);
        }
    }

    public function testDependentKnobsAreSaidSo(): void
    {
        $readings = self::readings(self::MARKS, static fn (): array => [0.3, 0.0]);
        $mending = RegistrationSolver::mend($readings, MisfitFit::of($readings), [
            new Knob('a', new Point(0.0, 300.0), new Point(1.0, 0.0), 1.0), new Knob(
                'b',
                new Point(50.0, 300.0),
                new Point(1.0, 0.0),
                1.0,
            ), new Knob('c', new Point(0.0, -10.0), new Point(0.0, 1.0), 1.0),
        ]);
        self::assertSame([], $mending->turns);
        self::assertCount(4, $mending->taps);
        self::assertStringContainsString('push the same way', implode(' ', $mending->says));
    }

    public function testSeveralPrintsSeparateWhatRepeatsFromTheScatter(): void
    {
        $random = new Randomizer(new Mt19937(4));
        $prints = [];
        for ($print = 0; $print < 200; ++$print) {
            $prints[] = array_map(
                static fn (array $at, int $i): Reading => new Reading(
                    "m$i",
                    $at[0],
                    $at[1],
                    0.2 + self::noise($random, 0.03),
                    -0.1 + self::noise($random, 0.03),
                ),
                self::MARKS,
                array_keys(self::MARKS),
            );
        }
        $readings = new Readings($prints);
        self::assertEqualsWithDelta(0.2, $readings->means[0]->offXMm, 0.01);
        // Scatter of 0.03 mm along each axis is 0.03 √2 as a distance.
        self::assertEqualsWithDelta(0.03 * \M_SQRT2, $readings->repeatMm, 0.003);
        self::assertNull(self::readings(self::MARKS, static fn (): array => [0.0, 0.0])->repeatMm, 'one print tells nothing of scatter');
    }

    public function testRefusesNoReadingsAndAPlaceGivenTwice(): void
    {
        foreach ([
            'There are no readings' => [],
            'given at the same place' => [[new Reading('a', 10, 10, 0, 0), new Reading('b', 10.1, 10, 0, 0)]],
            'given twice on one print' => [[new Reading('a', 10, 10, 0, 0), new Reading('a', 90, 10, 0, 0)]],
        ] as $sentence => $prints) {
            try {
                new Readings($prints);
                self::fail('This was to be refused: '.$sentence);
            } catch (Refusal $refusal) {
                self::assertStringContainsString($sentence, $refusal->getMessage());
            }
        }
    }

    /**
     * @param list<array{float, float}>                   $marks
     * @param callable(float, float): array{float, float} $off
     */
    private static function readings(array $marks, callable $off): Readings
    {
        $print = [];
        foreach ($marks as $i => [$x, $y]) {
            [$dx, $dy] = $off($x, $y);
            $print[] = new Reading("mark $i", $x, $y, $dx, $dy);
        }

        return new Readings([$print]);
    }

    /**
     * @param list<array{float, float}>                   $marks
     * @param callable(float, float): array{float, float} $off
     */
    private static function fit(array $marks, callable $off): Misfit
    {
        return MisfitFit::of(self::readings($marks, $off));
    }

    /**
     * Shift and turn of a frame whose contacts are pushed so far, by Cramer's rule.
     *
     * @param list<Knob>  $knobs
     * @param list<float> $turns
     *
     * @return array{float, float, float}
     */
    private static function motionOf(array $knobs, array $turns): array
    {
        $rows = [];
        foreach ($knobs as $i => $knob) {
            $length = hypot($knob->pushes->xMm, $knob->pushes->yMm);
            [$ux, $uy] = [$knob->pushes->xMm / $length, $knob->pushes->yMm / $length];
            $rows[] = [$ux, $uy, -$ux * $knob->at->yMm + $uy * $knob->at->xMm, $turns[$i] * $knob->mmPerTurn];
        }
        $det = static fn (int $a, int $b, int $c): float => $rows[0][$a] * ($rows[1][$b] * $rows[2][$c] - $rows[1][$c] * $rows[2][$b])
            - $rows[0][$b] * ($rows[1][$a] * $rows[2][$c] - $rows[1][$c] * $rows[2][$a])
            + $rows[0][$c] * ($rows[1][$a] * $rows[2][$b] - $rows[1][$b] * $rows[2][$a]);
        $all = $det(0, 1, 2);

        return [$det(3, 1, 2) / $all, $det(0, 3, 2) / $all, $det(0, 1, 3) / $all];
    }

    /**
     * Sum of squares at the marks, after the least motion (a turn weighed by the marks' distance) that moves each contact
     * by what its knob was turned.
     *
     * @param list<Knob>  $knobs
     * @param list<float> $turns
     */
    private static function leftBy(Readings $readings, array $knobs, array $turns): float
    {
        $arm = sqrt(array_sum(array_map(static fn (array $m): float => $m[0] ** 2 + $m[1] ** 2, self::MARKS)) / \count(self::MARKS));
        // One or two rows: the least motion is Gᵀ (G Gᵀ)⁻¹ of what is asked, written out.
        $rows = $asked = [];
        foreach ($knobs as $i => $knob) {
            $length = hypot($knob->pushes->xMm, $knob->pushes->yMm);
            [$ux, $uy] = [$knob->pushes->xMm / $length, $knob->pushes->yMm / $length];
            $rows[] = [$ux, $uy, ($uy * $knob->at->xMm - $ux * $knob->at->yMm) / $arm];
            $asked[] = $turns[$i] * $knob->mmPerTurn;
        }
        $dot = static fn (int $i, int $j): float => $rows[$i][0] * $rows[$j][0] + $rows[$i][1] * $rows[$j][1] + $rows[$i][2] * $rows[$j][2];
        if (\count($rows) === 1) {
            $pull = [$asked[0] / $dot(0, 0)];
        } else {
            $det = $dot(0, 0) * $dot(1, 1) - $dot(0, 1) ** 2;
            $pull = [($dot(1, 1) * $asked[0] - $dot(0, 1) * $asked[1]) / $det, ($dot(0, 0) * $asked[1] - $dot(0, 1) * $asked[0]) / $det];
        }
        $motion = [0.0, 0.0, 0.0];
        foreach ($pull as $i => $by) {
            for ($c = 0; $c < 3; ++$c) {
                $motion[$c] += $by * $rows[$i][$c];
            }
        }
        $sum = 0.0;
        foreach ($readings->means as $r) {
            $turn = $motion[2] / $arm;
            $sum += ($r->offXMm + $motion[0] - $turn * $r->yMm) ** 2 + ($r->offYMm + $motion[1] + $turn * $r->xMm) ** 2;
        }

        return $sum;
    }

    private static function noise(Randomizer $random, float $sd): float
    {
        $sum = 0.0;
        for ($i = 0; $i < 12; ++$i) {
            $sum += $random->getInt(0, 1_000_000) / 1_000_000;
        }

        return $sd * ($sum - 6);
    }
}
