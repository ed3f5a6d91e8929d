<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Press\PlateToOrder;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\PrintStep;
use PHPUnit\Framework\TestCase;

final class PrintOrderTest extends TestCase
{
    public function testOfTwoColoursAlikeTheSmallerAreaPrintsFirst(): void
    {
        $lab = Lab::of(Srgb::fromHex('#b84a30'));
        $steps = PrintOrder::of(
            [new PlateToOrder(PlateRole::Colour, $lab, 0.4), new PlateToOrder(PlateRole::Colour, $lab, 0.1)],
            self::white(),
        );
        self::assertSame([1, 0], array_map(static fn (PrintStep $s): int => $s->plate, $steps));
    }

    public function testAHighlightIsNearWhiteSmallAndOnDarkCloth(): void
    {
        $navy = Lab::of(Srgb::fromHex('#1b2436'));
        $white = Lab::of(Srgb::fromHex('#fdfdfb'));
        self::assertTrue(PrintOrder::isHighlight($white, 0.06, $navy));
        self::assertFalse(PrintOrder::isHighlight($white, 0.061, $navy), 'too large: that is a colour');
        self::assertFalse(PrintOrder::isHighlight($white, 0.01, self::white()), 'none on white');
        self::assertFalse(PrintOrder::isHighlight(Lab::of(Srgb::fromHex('#f6e27a')), 0.01, $navy), 'too yellow');
        self::assertFalse(PrintOrder::isHighlight(Lab::of(Srgb::fromHex('#d8d8d6')), 0.01, $navy), 'too dark');
    }

    public function testAHighlightBeforeOthersAndABaseAfterOthersAreSaid(): void
    {
        $navy = Lab::of(Srgb::fromHex('#1b2436'));
        $plates = [
            new PlateToOrder(PlateRole::Base, self::white(), 0.5),
            new PlateToOrder(PlateRole::Highlight, self::white(), 0.02),
            new PlateToOrder(PlateRole::Colour, Lab::of(Srgb::fromHex('#b84a30')), 0.2),
        ];
        $steps = PrintOrder::inGivenOrder([1, 0, 2], $plates, $navy);
        self::assertStringContainsString('picks up their colour', $steps[0]->reason);
        self::assertStringContainsString('covers them', $steps[1]->reason);
    }

    /** The limit of coarse mesh is 90/cm, 229 per inch: under it a wet layer smears. */
    public function testTheCoarseMeshLimit(): void
    {
        foreach ([[89.9, true], [90.0, false], [null, false]] as [$perCm, $flash]) {
            $steps = PrintOrder::inGivenOrder(
                [0, 1],
                [
                    new PlateToOrder(PlateRole::Colour, self::white(), 0.2, $perCm),
                    new PlateToOrder(PlateRole::Colour, self::white(), 0.2, 30.0),
                ],
                self::white(),
            );
            self::assertSame([$flash, false], [$steps[0]->flashAfter, $steps[1]->flashAfter], 'the last goes straight to the dryer');
        }
    }

    private static function white(): Lab
    {
        return Lab::of(Srgb::fromHex('#ffffff'));
    }

    /** Wet ink on coarse mesh is flashed where a later one touches it, and only there. */
    public function testAFlashStandsOnlyWhereInksTouch(): void
    {
        self::assertFalse(self::flashesAfterTheFirst([]));
        self::assertTrue(self::flashesAfterTheFirst([2]));
        self::assertTrue(self::flashesAfterTheFirst(null), 'where nobody looked it is taken to touch');
    }

    /** @param list<int>|null $touches of the first of three */
    private static function flashesAfterTheFirst(?array $touches): bool
    {
        $plates = [
            new PlateToOrder(PlateRole::Colour, new Lab(80, 0, 0), 0.2, 60.0, $touches),
            new PlateToOrder(PlateRole::Colour, new Lab(60, 0, 0), 0.2, 60.0, []),
            new PlateToOrder(PlateRole::Colour, new Lab(40, 0, 0), 0.2, 60.0, []),
        ];

        return PrintOrder::inGivenOrder([0, 1, 2], $plates, new Lab(95, 0, 0))[0]->flashAfter;
    }

    /** What stands at a plate says where it came from: the lightest first, each darker one behind, and one that is out of the row. */
    public function testTheReasonNamesItsNeighbourInTheOrder(): void
    {
        $plates = array_map(static fn (float $l): PlateToOrder => new PlateToOrder(PlateRole::Colour, new Lab($l, 0, 0), 0.2, 120.0, []), [80.0, 60.0, 70.0]);
        $steps = PrintOrder::inGivenOrder([0, 1, 2], $plates, new Lab(95, 0, 0));
        self::assertStringContainsString('the lightest colour first (L* 80)', $steps[0]->reason);
        self::assertStringContainsString('L* 60 follows 80', $steps[1]->reason);
        self::assertStringContainsString('Out of the light-to-dark order (L* 70 after 60)', $steps[2]->reason);
        self::assertStringContainsString('Light to dark above the base', PrintOrder::inGivenOrder([0, 1], [new PlateToOrder(PlateRole::Base, new Lab(95, 0, 0), 0.5, 60.0, null), $plates[0]], new Lab(15, 0, 0))[1]->reason);
    }
}
