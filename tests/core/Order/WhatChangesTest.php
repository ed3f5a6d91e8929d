<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Order;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Order\WhatChanges;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Print\Cloth;
use Ektype\Core\Print\Drawn;
use Ektype\Core\Print\FrameAtHand;
use Ektype\Core\Print\InkToPrint;
use Ektype\Core\Print\JobToPrint;
use Ektype\Core\Print\PlateToPrint;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\PrintLaw;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
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
        // 14 s to load, three screens of 3 s, four strokes of 2.5 s, and what its one flash and its cooling take; an eighth goes to pauses.
        $hot = self::hot('Base');
        self::assertEqualsWithDelta(14 + 9 + 10 + $hot, $change->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(50 * (33 + $hot) / 60 / 0.88, $change->minutes, 1e-9);
        // 61–64 leaves 30.44 µm, a quarter more by a second stroke; 120–34 leaves 15.253: 100 cm² and 50 cm² of them at 1.25 g/cm³.
        self::assertEqualsWithDelta(50 * 1.25e-4 * (100 * 30.44 * 1.25 + 100 * 15.253 + 50 * 15.253), $change->inkGrams, 0.1);
    }

    /** A base that the hand keeps takes two strokes on navy, and on a pale tee one: where it differs the line says so. */
    public function testStrokesThatDifferByGarmentAreTold(): void
    {
        $base = new PlateToPrint(4, 'Base', PlateRole::Base, new InkToPrint('Grey', InkKind::Plastisol, new Lab(70, 0, 0)), new Drawn(new Lab(70, 0, 0), 100, 0.2), new Mesh(61, 64), frame: FrameAtHand::usual());
        $on = static fn (string $hex, Substrate $cloth): array => WhatChanges::on(self::line($hex, 5), self::job([$base], self::NAVY, $cloth))->says;
        self::assertSame([], $on('#202838', Substrate::Cotton));
        self::assertSame(['Base: one stroke on this garment.'], $on('#f6f4ee', Substrate::Cotton));
        self::assertSame(['Base: two strokes on this garment.'], $on('#4a5060', Substrate::Fleece), 'on navy fleece it is printed, flashed and printed');
    }

    public function testOnWhiteTheBaseStaysUpAndItsFlashWithIt(): void
    {
        $change = self::on(self::line('#ffffff', 10));
        self::assertContains(4, $change->leftOut);
        self::assertStringContainsString('nothing is flashed', $change->says[0]);
        // Straw and rust are left: 14 + 2 · 3 + 2 · 2.5, no flash.
        self::assertEqualsWithDelta(25.0, $change->secondsAPiece, 1e-9);
        self::assertEqualsWithDelta(10 * 1.25e-4 * 150 * 15.253, $change->inkGrams, 0.01);
    }

    public function testAnInkOfTheColourOfTheClothIsLeftOut(): void
    {
        $change = self::on(self::line('#b5482f', 10));
        self::assertContains(9, $change->leftOut);
        self::assertNotContains(4, $change->leftOut, 'straw on rust cloth still needs its base');
    }

    public function testLightInkOnDarkClothWithoutABaseIsSaid(): void
    {
        $plates = [self::plate(1, 'Straw', '#f0e4ba', 100), self::plate(2, 'Black', '#161513', 100)];
        $on = static fn (string $hex, string $separated, Substrate $cloth = Substrate::Cotton): array => WhatChanges::on(self::line($hex, 5), self::job($plates, $separated, $cloth))->says;
        $onNavy = $on(self::NAVY, '#ffffff');
        self::assertCount(1, $onNavy);
        self::assertStringContainsString('Straw on this cloth needs a base', $onNavy[0]);
        self::assertSame([], $on('#f5f5f0', '#ffffff'));
        // A job that did without on dark cloth wanted it so; and boards hold ink on top.
        self::assertSame([], $on(self::NAVY, '#202020'));
        self::assertSame([], $on(self::NAVY, '#ffffff', Substrate::Rigid));
    }

    /** Two plates of one name are two plates: one is left out, the other prints with its own strokes. */
    public function testPlatesOfOneNameAreToldApart(): void
    {
        $plates = [self::plate(1, 'White', '#f6f4ee', 100, PlateRole::Base, true), self::plate(2, 'White', '#b5482f', 100), self::plate(3, 'White', '#f0e4ba', 100)];
        $change = WhatChanges::on(self::line('#b5482f', 1), self::job($plates, self::NAVY));
        self::assertSame([2], $change->leftOut);
        $white = WhatChanges::on(self::line('#ffffff', 1), self::job($plates, self::NAVY));
        self::assertSame([1], $white->leftOut);
        self::assertEqualsWithDelta(14 + 2 * 3 + 2 * 2.5, $white->secondsAPiece, 1e-9);
    }

    private static function on(GarmentLine $line): LineChange
    {
        return WhatChanges::on($line, self::whole());
    }

    private static function whole(): JobToPrint
    {
        return self::job([self::plate(4, 'Base', '#f6f4ee', 100, PlateRole::Base, true), self::plate(7, 'Straw', '#f0e4ba', 100), self::plate(9, 'Rust', '#b5482f', 50)], self::NAVY);
    }

    /** Under the flash and cooling, s: read off the plan, which FlashTest holds against a simulation. */
    private static function hot(string $plate): float
    {
        foreach (PrintLaw::of(self::whole())->plates as $one) {
            if ($one->name === $plate) {
                return ($one->flash->dwellS ?? 0.0) + ($one->flash->coolS ?? 0.0);
            }
        }

        return 0.0;
    }

    /** @param list<PlateToPrint> $plates */
    private static function job(array $plates, string $separated, Substrate $cloth = Substrate::Cotton): JobToPrint
    {
        return new JobToPrint($plates, new Cloth(self::lab($separated), $cloth), PressAtHand::none(), MethodName::from('spot'), new SizeOfPrint(200, 150));
    }

    private static function plate(int $id, string $name, string $hex, float $cm2, PlateRole $role = PlateRole::Colour, bool $carries = false): PlateToPrint
    {
        return new PlateToPrint($id, $name, $role, new InkToPrint($name, InkKind::Plastisol, self::lab($hex)), new Drawn(self::lab($hex), $cm2, 0.2, carries: $carries), $carries ? new Mesh(61, 64) : new Mesh(120, 34), frame: FrameAtHand::usual());
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
