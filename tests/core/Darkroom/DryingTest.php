<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Darkroom;

use Ektype\Core\Darkroom\Air;
use Ektype\Core\Darkroom\Drying;
use Ektype\Core\Darkroom\ImpossibleAir;
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

    /** Rate by (1 − RH) over 0.6 and twice for each 12 K: worked out by hand from 1.3 h at 25 °C and 40 %. */
    #[TestWith([25.0, 40.0, 1.3])]
    #[TestWith([37.0, 40.0, 0.65])]
    #[TestWith([13.0, 40.0, 2.6])]
    #[TestWith([25.0, 70.0, 2.6])]
    #[TestWith([25.0, 10.0, 1.3 * 2 / 3])]
    #[TestWith([25.0, 99.0, 39.0])]
    #[TestWith([25.0, 100.0, 39.0])]
    public function testHeatHelpsAndDampHinders(float $celsius, float $humidity, float $hours): void
    {
        self::assertEqualsWithDelta($hours, Drying::hours(100, $celsius, $humidity), 1e-9);
    }

    /** What no meter shows is a misreading, and is put to the field that it was typed in. */
    #[TestWith([25.0, -0.1, 0.0, 'humidity'])]
    #[TestWith([25.0, 100.1, 0.0, 'humidity'])]
    #[TestWith([-10.1, 40.0, 0.0, 'temperature'])]
    #[TestWith([60.1, 40.0, 0.0, 'temperature'])]
    #[TestWith([25.0, 40.0, -0.1, 'air'])]
    #[TestWith([25.0, 40.0, 20.1, 'air'])]
    public function testAirThatCannotBeIsRefused(float $celsius, float $humidity, float $air, string $field): void
    {
        self::assertGreaterThan(0, Drying::hours(10, max(-10.0, min(60.0, $celsius)), max(0.0, min(100.0, $humidity)), max(0.0, min(20.0, $air))));
        try {
            Drying::hours(10, $celsius, $humidity, $air);
            self::fail('It was to be refused.');
        } catch (ImpossibleAir $refused) {
            self::assertSame($field, $refused->on);
        }
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
