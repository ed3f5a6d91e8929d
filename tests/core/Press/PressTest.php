<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\FilmPlacement;
use Ektype\Core\Press\OffContact;
use Ektype\Core\Press\PlateToOrder;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\PrintStep;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class PressTest extends TestCase
{
    public function testOnADarkGarmentTheBaseIsFlashedAndTheHighlightPrintsLast(): void
    {
        $steps = PrintOrder::of(
            [
                self::plate('#fdfdfb', PlateRole::Highlight),
                self::plate('#b84a30'),
                self::plate('#f6f4ee', PlateRole::Base),
                self::plate('#f0e2b0'),
            ],
            self::lab('#1b2436'),
        );
        self::assertSame([2, 3, 1, 0], array_map(static fn (PrintStep $s): int => $s->plate, $steps));
        self::assertSame(
            [true, false, true, false],
            array_map(static fn (PrintStep $s): bool => $s->flashAfter, $steps),
            'after the base, before the highlight',
        );
        foreach ($steps as $step) {
            self::assertNotSame('', $step->reason.$step->flashReason);
        }
    }

    public function testOnALightGarmentInksPrintLightToDark(): void
    {
        $steps = PrintOrder::of([self::plate('#101010'), self::plate('#f6d978'), self::plate('#b84a30')], self::lab('#ffffff'));
        self::assertSame([1, 2, 0], array_map(static fn (PrintStep $s): int => $s->plate, $steps));
    }

    public function testTouchingInksOnCoarseMeshAreFlashed(): void
    {
        // The second is as coarse as wet ink needs to smear; the first has no mesh yet, the third is fine.
        $plates = [
            self::plate('#f6d978'),
            self::plate('#b84a30', threadsPerCm: PrintOrder::COARSE_UNDER_PER_CM - 1),
            self::plate('#101010', threadsPerCm: 90.0),
        ];
        $steps = PrintOrder::of($plates, self::lab('#ffffff'));
        self::assertSame([false, true, false], array_map(static fn (PrintStep $s): bool => $s->flashAfter, $steps));
    }

    public function testAnOrderOfThePrintersOwnIsKeptAndJudged(): void
    {
        $steps = PrintOrder::inGivenOrder([1, 0], [self::plate('#f6d978'), self::plate('#101010')], self::lab('#ffffff'));
        self::assertSame([1, 0], array_map(static fn (PrintStep $s): int => $s->plate, $steps));
        self::assertStringContainsString('Out of the light-to-dark order', $steps[1]->reason);
    }

    public function testWhichInksNeedABase(): void
    {
        $navy = self::lab('#1b2436');
        self::assertTrue(Garment::needsBase(self::lab('#f0e2b0'), $navy));
        self::assertFalse(Garment::needsBase(self::lab('#101010'), $navy));
        self::assertFalse(Garment::needsBase(self::lab('#ffffff'), self::lab('#e6dcc4')), 'none on a light garment');
    }

    /** The table and two points half way between its entries. */
    #[TestWith([12.0, 'cotton', 4.5])]
    #[TestWith([15.0, 'cotton', 4.5])]
    #[TestWith([17.5, 'cotton', 3.85])]
    #[TestWith([20.0, 'cotton', 3.2])]
    #[TestWith([27.5, 'cotton', 1.9])]
    #[TestWith([35.0, 'cotton', 1.6])]
    #[TestWith([25.0, 'fleece', 4.4])]
    public function testOffContactByTension(float $tension, string $substrate, float $mm): void
    {
        self::assertEqualsWithDelta($mm, OffContact::mm($tension, Substrate::from($substrate)), 0.005);
    }

    public function testThePrintMustStayInTheUsableMiddle(): void
    {
        $fits = new FilmPlacement(460, 560, 290, 312, 280);
        self::assertTrue($fits->fits);
        self::assertEqualsWithDelta(290 / 460, $fits->used, 1e-9);
        $off = new FilmPlacement(460, 560, 200, 312, 180);
        self::assertEqualsWithDelta((312 + 2 * 100) / 560, $off->used, 1e-9, 'off the middle the longer half counts');
        self::assertFalse($off->fits);
        self::assertStringContainsString('use a larger frame', (new FilmPlacement(360, 460, 340, 300, 230))->sentence);
    }

    private static function plate(string $hex, PlateRole $role = PlateRole::Colour, ?float $threadsPerCm = null): PlateToOrder
    {
        return new PlateToOrder($role, self::lab($hex), 0.1, $threadsPerCm);
    }

    private static function lab(string $hex): Lab
    {
        return Lab::of(Srgb::fromHex($hex));
    }
}
