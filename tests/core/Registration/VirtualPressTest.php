<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\App\Query\Press\SeePractice;
use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\VirtualPress;
use PHPUnit\Framework\TestCase;

final class VirtualPressTest extends TestCase
{
    /** A turn of the left knob alone moves the frame there, by about what its profile says, and nothing at the other two. */
    public function testAKnobMovesTheFrameWhereItTouchesIt(): void
    {
        $press = new VirtualPress(7, VirtualPress::usualKnobs());
        $before = $press->lies(0, []);
        $after = $press->lies(0, [[[1.0, 0.0, 0.0]]]);
        foreach (VirtualPress::usualKnobs() as $k => $knob) {
            $turn = $after->turnRad - $before->turnRad;
            $moved = $knob->unit()->xMm * ($after->xMm - $before->xMm - $turn * $knob->at->yMm) + $knob->unit()->yMm * ($after->yMm - $before->yMm + $turn * $knob->at->xMm);
            self::assertEqualsWithDelta($k === 0 ? $knob->mmPerTurn : 0.0, $moved, $k === 0 ? 0.11 : 1e-9);
        }
    }

    /** Play is lost when the way changes: half a turn forth and back does not come back whole. */
    public function testPlayIsLostWhenTheWayChanges(): void
    {
        $press = new VirtualPress(3, VirtualPress::usualKnobs());
        self::assertGreaterThan(0.05, abs($press->lies(0, [[[0.0, 0.0, 0.5]], [[0.0, 0.0, -0.5]]])->xMm - $press->lies(0, [])->xMm));
        self::assertEqualsWithDelta($press->lies(0, [[[0.0, 0.0, 1.0]]])->xMm, $press->lies(0, [[[0.0, 0.0, 0.5]], [[0.0, 0.0, 0.5]]])->xMm, 1e-9, 'one way it is not');
    }

    /** The same number is the same press, and the same pull the same print. */
    public function testAGameCanBePlayedAgain(): void
    {
        self::assertEquals((new VirtualPress(11, VirtualPress::usualKnobs()))->print([]), (new VirtualPress(11, VirtualPress::usualKnobs()))->print([]));
        self::assertNotEquals((new VirtualPress(12, VirtualPress::usualKnobs()))->print([]), (new VirtualPress(11, VirtualPress::usualKnobs()))->print([]));
    }

    public function testTheSolverRegistersFourColoursInAFewPulls(): void
    {
        $pulls = [];
        for ($seed = 1; $seed <= 40; ++$seed) {
            $pulls[] = (new SeePractice())->pull($seed, [])->solvers;
        }
        self::assertNotContains(0, $pulls);
        self::assertLessThan(6, array_sum($pulls) / 40);
        $first = (new SeePractice())->pull(5, []);
        $turns = array_map(static fn ($p): array => array_map(static fn (KnobTurn $t): float => $t->turns, $p->advice), $first->plates);
        $second = (new SeePractice())->pull(5, [$turns]);
        self::assertSame(2, $second->pulls);
        self::assertLessThan(array_sum(array_map(static fn ($p): float => $p->readMaxMm, $first->plates)), array_sum(array_map(static fn ($p): float => $p->readMaxMm, $second->plates)));
    }
}
