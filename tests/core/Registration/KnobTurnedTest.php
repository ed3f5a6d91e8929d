<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Registration;

use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobLayout;
use Ektype\Core\Registration\KnobTurned;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Registration\UnusableKnob;
use Ektype\Core\Unit\Point;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A press is made up, one of its knobs turned; what is learned must be what the press was made of. */
final class KnobTurnedTest extends TestCase
{
    public function testAFullTurnShowsWhichWayAKnobPushesAndHowFar(): void
    {
        $assumed = new Knob('Left', new Point(-150, 270), new Point(0, 1), 1.25);
        // In truth a turn pulls the frame 0.9 mm towards the operator at the left, while the right and the side hold: the frame
        // turns about the right contact by 0.9 mm over 300 mm, and slides so that the side contact at (0, 270) stays.
        $turn = 0.9 / 300;
        $move = static fn (float $x, float $y): Reading => new Reading("$x", $x, $y, $turn * (270 - $y), -0.45 + $turn * $x);
        // The contact at the left: −0.45 − 0.003 · 150 = −0.90 along, 0 across.
        $is = KnobTurned::learned($assumed, 1.0, [$move(-120, 150), $move(120, -150)]);
        self::assertEqualsWithDelta(0.9, $is->mmPerTurn, 1e-9);
        self::assertEqualsWithDelta(-1.0, $is->unit()->yMm, 1e-9);
        self::assertEqualsWithDelta(0.0, $is->unit()->xMm, 1e-9);
        self::assertSame('Left', $is->name);
    }

    public function testTurnedTheOtherWayItIsTheSameKnob(): void
    {
        $knob = new Knob('Side', new Point(0, 270), new Point(0, 1), 1.25);
        $is = KnobTurned::learned($knob, -2.0, [new Reading('a', 0, 0, 2.4, 0.02)]);
        self::assertEqualsWithDelta(1.2, $is->mmPerTurn, 1e-9);
        self::assertEqualsWithDelta(-1.0, $is->unit()->xMm, 1e-9, 'clockwise pushes to the left');
    }

    public function testAKnobOfALockedScreenTeachesNothing(): void
    {
        $this->expectException(UnusableKnob::class);
        $this->expectExceptionMessage('still locked');
        KnobTurned::learned(new Knob('Side', new Point(0, 270), new Point(1, 0), 1.25), 1.0, [new Reading('a', 0, 0, 0.04, 0.0)]);
    }

    public function testAKnobThatWasNotTurnedTeachesNothing(): void
    {
        $this->expectException(UnusableKnob::class);
        KnobTurned::learned(new Knob('Side', new Point(0, 270), new Point(1, 0), 1.25), 0.0, [new Reading('a', 0, 0, 1.0, 0.0)]);
    }

    #[DataProvider('layouts')]
    public function testEveryUsualLayoutMendsAShiftAndATurn(KnobLayout $layout): void
    {
        $off = [
            new Reading('a', -120, 150, 0.8 - 0.002 * 150, -0.5 - 0.002 * 120),
            new Reading('b', 120, -150, 0.8 + 0.002 * 150, -0.5 + 0.002 * 120),
        ];
        $readings = new Readings([$off]);
        $mending = RegistrationSolver::mend($readings, MisfitFit::of($readings), $layout->knobs(270));
        self::assertSame([], $mending->taps);
        self::assertLessThan(1e-9, $mending->afterMaxMm);
    }

    /** @return iterable<string, array{KnobLayout}> */
    public static function layouts(): iterable
    {
        foreach (KnobLayout::cases() as $layout) {
            if ($layout !== KnobLayout::None) {
                yield $layout->value => [$layout];
            }
        }
    }
}
