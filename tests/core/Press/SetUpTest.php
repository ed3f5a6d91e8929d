<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Press;

use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\Pressure;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Press\SetUp;
use PHPUnit\Framework\TestCase;

/** A card says only what this cloth, press and ink need. */
final class SetUpTest extends TestCase
{
    public function testAcrylicOnAHingeIsNoTee(): void
    {
        $says = self::says(PressWay::Hinge, false, Substrate::Rigid, 0, [InkKind::Solvent]);
        foreach (['pre-shrunk', 'Micro-register', 'Platens warmed', 'tacked', 'lastisol', 'garment'] as $of) {
            self::assertStringNotContainsString($of, $says);
        }
        self::assertStringContainsString('Jig fixed', $says);
        self::assertStringContainsString('from the face of the piece', $says);
        self::assertStringContainsString('solvent ink stirred', $says);
    }

    public function testLayersWithoutInkAreNotStirred(): void
    {
        $says = self::says(PressWay::Hinge, false, Substrate::Paper, 0, []);
        self::assertStringNotContainsString('stirred', $says);
        self::assertStringNotContainsString('Platens', $says);
        self::assertStringContainsString('from the paper', $says);
        self::assertStringContainsString('marks, witness strip and pinholes covered', $says);
    }

    public function testATeeThatIsFlashedOftenIsPreShrunk(): void
    {
        self::assertStringContainsString('Garments pre-shrunk once under the flash', self::says(PressWay::Rotary, true, Substrate::Cotton, 2, [InkKind::Plastisol]));
        $once = self::says(PressWay::Rotary, true, Substrate::Cotton, 1, [InkKind::Plastisol, InkKind::WaterBased]);
        self::assertStringNotContainsString('Garments pre-shrunk', $once);
        foreach (['Micro-register knobs in the middle', 'Platens warmed', 'Platens tacked', 'Plastisol stirred and at room temperature; water-based ink stirred'] as $of) {
            self::assertStringContainsString($of, $once);
        }
    }

    public function testPressureIsToldByWhatThePrintShows(): void
    {
        foreach (Pressure::cases() as $pressure) {
            self::assertStringContainsString('too little', $pressure->signs()[0]);
            self::assertStringContainsString('too much', $pressure->signs()[1]);
        }
    }

    /** @param list<InkKind> $inks */
    private static function says(PressWay $way, bool $knobs, Substrate $on, int $flashes, array $inks): string
    {
        return implode(' | ', array_map(static fn (SetUp $one): string => $one->says($way, $on, $inks), SetUp::asked($way, $knobs, $on, $flashes, $inks)));
    }
}
