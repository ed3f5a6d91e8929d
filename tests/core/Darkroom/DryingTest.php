<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Darkroom;

use Ektype\Core\Darkroom\Air;
use Ektype\Core\Darkroom\Drying;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class DryingTest extends TestCase
{
    /** Moving air: a metre a second dries 2.5 times as fast, with the root of the speed between. */
    #[TestWith([0.0, 1.0])]
    #[TestWith([0.25, 1.75])]
    #[TestWith([0.64, 2.2])]
    #[TestWith([1.0, 2.5])]
    #[TestWith([4.0, 4.0])]
    public function testAirThatMovesDriesFaster(float $speed, float $times): void
    {
        self::assertEqualsWithDelta(1.3 / $times, Drying::hours(100, 25, 40, $speed), 1e-9);
        self::assertEqualsWithDelta(0.65 / $times, Drying::hours(50, 25, 40, $speed), 1e-9, 'half the water, half the time');
    }

    public function testTheRoomSaysWhatItsAirMeans(): void
    {
        self::assertSame('', Drying::caution(24, 45));
        self::assertSame('', Drying::caution(20, 50));
        self::assertStringContainsString('damp', Drying::caution(24, 50.1));
        self::assertStringContainsString('slowly', Drying::caution(19.9, 45));
        self::assertStringContainsString('fog', Drying::caution(40.1, 45));
    }

    public function testAFigureOfDryingTellsItsAirAndItsInterval(): void
    {
        $air = new Air(25, 40, 0.25);
        $figure = $air->figure(100, null);
        self::assertEqualsWithDelta(1.3 / 1.75, $figure->value, 1e-9);
        self::assertNotNull($figure->low);
        self::assertNotNull($figure->high);
        self::assertEqualsWithDelta($figure->value, sqrt($figure->low * $figure->high), 1e-6, 'as many times shorter as longer');
        self::assertGreaterThan($figure->value, $figure->high);
    }
}
