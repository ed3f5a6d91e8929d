<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StepTest;

use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\StepTest\StripTime;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class StepPlanTest extends TestCase
{
    public function testTheExpectedTimeLiesInTheMiddleAndStripsHoldMultiplesOfTheStep(): void
    {
        $plan = StepPlan::around(24, 20, 29);
        self::assertEqualsWithDelta(24, $plan->strips[intdiv(\count($plan->strips), 2)]->getsS, $plan->incrementS / 2);
        foreach ($plan->strips as $i => $strip) {
            self::assertEqualsWithDelta(($i + 1) * $plan->incrementS, $strip->getsS, 1e-9);
            self::assertSame($i + 1, $strip->burns);
        }
        self::assertGreaterThanOrEqual(\count($plan->strips), \count(StepPlan::around(24, 8, 72)->strips), 'the less is known, the more strips');
    }

    /** What short burns lose is told: five burns of 6 s under a lamp that loses half a second count as 28. */
    public function testTheStartOfTheLampIsTakenOff(): void
    {
        $plan = StepPlan::equal(6, 5, 0, 0.5);
        self::assertSame([6.0, 11.5, 17.0, 22.5, 28.0], array_map(static fn (StripTime $s): float => $s->countsAsS, $plan->strips));
        self::assertStringContainsString('counts as 28 s', $plan->says());
    }

    public function testAllLostDoublesAndAllClosedHalves(): void
    {
        self::assertEqualsWithDelta(8.0, StepPlan::equal(4, 6)->shifted(true)->incrementS, 1e-9);
        self::assertEqualsWithDelta(2.0, StepPlan::equal(4, 6)->shifted(false)->incrementS, 1e-9);
    }

    /** @return iterable<string, array{callable(): mixed, string}> */
    public static function impossible(): iterable
    {
        yield 'no time' => [static fn (): mixed => StepPlan::around(0, 1, 2), '0 s cannot be expected'];
        yield 'a negative one' => [static fn (): mixed => StepPlan::around(-4, 1, 2), '-4 s cannot be expected'];
        yield 'a huge one' => [static fn (): mixed => StepPlan::around(90_000, 1, 2), '90000 s cannot be expected'];
        yield 'two strips' => [static fn (): mixed => StepPlan::equal(4, 2), 'too few'];
        yield 'forty strips' => [static fn (): mixed => StepPlan::equal(4, 40), 'more than fit'];
        yield 'steps of a blink' => [static fn (): mixed => StepPlan::equal(0.1, 6), 'cannot be kept by hand'];
        yield 'steps shorter than the start' => [static fn (): mixed => StepPlan::equal(2, 6, 0, 3), 'over before the lamp is up'];
        yield 'steps that nobody sees' => [static fn (): mixed => StepPlan::equal(1, 6, 100), 'cannot be told apart'];
    }

    /** @param callable(): mixed $plan */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsSaid(callable $plan, string $says): void
    {
        $this->expectException(UnusableTest::class);
        $this->expectExceptionMessage($says);
        $plan();
    }
}
