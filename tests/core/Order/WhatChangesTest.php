<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Order;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Order\PlateOfOrder;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Order\WhatChanges;
use PHPUnit\Framework\TestCase;

/** One set of screens on garments of several colours, reckoned by hand. */
final class WhatChangesTest extends TestCase
{
    private const NAVY = '#1b2440';

    public function testOnTheGarmentOfTheJobNothingChanges(): void
    {
        $line = self::line(self::NAVY, 20, 30);
        $change = self::on($line);
        self::assertSame([], $change->says);
        self::assertSame(50, $change->pieces);
        // 14 s to load, three screens of 3 s, four strokes of 2.5 s, one flash of 7 s.
        self::assertEqualsWithDelta(14 + 9 + 10 + 7, $change->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(50 * 40 / 60, $change->minutes, 1e-9);
        self::assertEqualsWithDelta(50 * (3.0 + 1.0 + 0.5), $change->inkGrams, 1e-9);
    }

    public function testOnWhiteTheBaseStaysUpAndItsFlashWithIt(): void
    {
        $change = self::on(self::line('#ffffff', 10));
        self::assertContains('Base', $change->leftOut);
        self::assertStringContainsString('nothing is flashed', $change->says[0]);
        // Straw and rust are left: 14 + 2 · 3 + 2 · 2.5, no flash.
        self::assertEqualsWithDelta(25.0, $change->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(10 * 1.5, $change->inkGrams, 1e-9);
    }

    public function testAnInkOfTheColourOfTheClothIsLeftOut(): void
    {
        $change = self::on(self::line('#b5482f', 10));
        self::assertContains('Rust', $change->leftOut);
        self::assertNotContains('Base', $change->leftOut, 'straw on rust cloth still needs its base');
    }

    public function testLightInkOnDarkClothWithoutABaseIsSaid(): void
    {
        $plates = [
            new PlateOfOrder('Straw', self::lab('#f0e4ba'), false, false, 1, 1.0),
            new PlateOfOrder('Black', self::lab('#161513'), false, false, 1, 1.0),
        ];
        $onNavy = WhatChanges::on(self::line(self::NAVY, 5), $plates, self::lab('#ffffff'), true);
        self::assertCount(1, $onNavy->says);
        self::assertStringContainsString('Straw on this cloth needs a base', $onNavy->says[0]);
        self::assertSame([], WhatChanges::on(self::line('#f5f5f0', 5), $plates, self::lab('#ffffff'), true)->says);
        // A job that did without on dark cloth wanted it so; and boards hold ink on top.
        self::assertSame([], WhatChanges::on(self::line(self::NAVY, 5), $plates, self::lab('#202020'), true)->says);
        self::assertSame([], WhatChanges::on(self::line(self::NAVY, 5), $plates, self::lab('#ffffff'), false)->says);
    }

    private static function on(GarmentLine $line): LineChange
    {
        return WhatChanges::on($line, [
            new PlateOfOrder('Base', self::lab('#f6f4ee'), true, true, 2, 3.0),
            new PlateOfOrder('Straw', self::lab('#f0e4ba'), false, false, 1, 1.0),
            new PlateOfOrder('Rust', self::lab('#b5482f'), false, false, 1, 0.5),
        ], self::lab(self::NAVY), true);
    }

    private static function lab(string $hex): Lab
    {
        return Lab::of(Srgb::fromHex($hex));
    }

    private static function line(string $hex, int ...$pieces): GarmentLine
    {
        return new GarmentLine('tees', '', $hex, array_map(static fn (int $n): SizeCount => new SizeCount('M', $n), array_values($pieces)));
    }
}
