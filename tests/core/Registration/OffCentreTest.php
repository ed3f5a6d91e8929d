<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A left-chest print lies far from the middle of the axes: turn and shift must not be taken for each other there. */
final class OffCentreTest extends TestCase
{
    /** @param list<array{float, float}> $marks */
    #[DataProvider('places')]
    public function testATurnAboutAnyPointComesBackAsThatTurn(array $marks, float $aboutX, float $aboutY): void
    {
        foreach ([-0.004, 0.0007, 0.011] as $turn) {
            $rigid = MisfitFit::of(self::read(
                $marks,
                static fn (float $x, float $y): array => [-$turn * ($y - $aboutY), $turn * ($x - $aboutX)],
            ))->rigid;
            self::assertEqualsWithDelta($turn, $rigid->turnRad, 1e-12);
            self::assertEqualsWithDelta([$turn * $aboutY, -$turn * $aboutX], [$rigid->xMm, $rigid->yMm], 1e-9, 'the shift at the middle of the axes');
        }
    }

    /** @return iterable<string, array{list<array{float, float}>, float, float}> */
    public static function places(): iterable
    {
        yield 'a left chest, turned about its own middle' => [[[60.0, 200.0], [150.0, 200.0], [60.0, 290.0], [150.0, 290.0]], 105.0, 245.0];
        yield 'a left chest, turned about the platen' => [[[60.0, 200.0], [150.0, 200.0], [60.0, 290.0]], 0.0, 0.0];
        yield 'three marks, all to one side' => [[[200.0, -40.0], [260.0, 10.0], [310.0, -90.0]], -15.0, 33.0];
        yield 'two marks' => [[[120.0, 30.0], [180.0, 80.0]], 150.0, 0.0];
    }

    /** No other turn and shift leaves less: searched on a fine grid round the answer. */
    public function testTheRigidPartLeavesTheLeastThatAnyMoveCanLeave(): void
    {
        $random = new Randomizer(new Mt19937(4));
        for ($try = 0; $try < 12; ++$try) {
            $marks = [];
            for ($k = 0; $k < 3 + $try % 4; ++$k) {
                $marks[] = [100.0 + $random->getInt(0, 200), -300.0 + $random->getInt(0, 250)];
            }
            $readings = self::read($marks, static fn (float $x, float $y): array => [
                0.2 - 0.001 * $y + 0.0005 * $x + 0.001 * $random->getInt(-60, 60),
                0.1 + 0.001 * $x + 0.001 * $random->getInt(-60, 60),
            ]);
            $rigid = MisfitFit::of($readings)->rigid;
            $left = static function (float $x, float $y, float $turn) use ($readings): float {
                $sum = 0.0;
                foreach ($readings->means as $r) {
                    $sum += ($r->offXMm - $x + $turn * $r->yMm) ** 2 + ($r->offYMm - $y - $turn * $r->xMm) ** 2;
                }

                return $sum;
            };
            $least = $left($rigid->xMm, $rigid->yMm, $rigid->turnRad);
            foreach ([-0.02, -0.004, 0.0, 0.004, 0.02] as $dx) {
                foreach ([-0.02, -0.004, 0.0, 0.004, 0.02] as $dy) {
                    foreach ([-1e-4, -1e-5, 0.0, 1e-5, 1e-4] as $dt) {
                        self::assertGreaterThanOrEqual($least - 1e-12, $left($rigid->xMm + $dx, $rigid->yMm + $dy, $rigid->turnRad + $dt));
                    }
                }
            }
        }
    }

    /** Moving the axes moves the answer with them and changes neither turn, growth nor what is left. */
    public function testWhereTheAxesBeginChangesNothingThatIsSeen(): void
    {
        $marks = [[-120.0, 160.0], [130.0, 150.0], [-110.0, -170.0], [140.0, -150.0]];
        $off = static fn (float $x, float $y): array => [0.3 + 0.0006 * $x - 0.0012 * $y, -0.1 + 0.0015 * $x - 0.0004 * $y];
        $here = MisfitFit::of(self::read($marks, $off));
        foreach ([[250.0, 0.0], [-80.0, 410.0], [1000.0, -1000.0]] as [$right, $up]) {
            $moved = array_map(static fn (array $m): array => [$m[0] + $right, $m[1] + $up], $marks);
            $there = MisfitFit::of(self::read($moved, static fn (float $x, float $y): array => $off($x - $right, $y - $up)));
            self::assertEqualsWithDelta($here->rotationDeg, $there->rotationDeg, 1e-9);
            self::assertEqualsWithDelta([$here->growth->xPct, $here->growth->yPct], [$there->growth->xPct, $there->growth->yPct], 1e-9);
            self::assertEqualsWithDelta($here->shearDeg, $there->shearDeg, 1e-9);
            self::assertEqualsWithDelta([$here->floorRmsMm, $here->floorMaxMm], [$there->floorRmsMm, $there->floorMaxMm], 1e-9);
        }
    }

    /**
     * @param list<array{float, float}>                         $marks
     * @param callable(float, float): array{0: float, 1: float} $off
     */
    private static function read(array $marks, callable $off): Readings
    {
        $print = [];
        foreach ($marks as $i => [$x, $y]) {
            [$dx, $dy] = $off($x, $y);
            $print[] = new Reading("mark $i", $x, $y, $dx, $dy);
        }

        return new Readings([$print]);
    }
}
