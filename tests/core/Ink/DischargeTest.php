<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\UsualRange;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Press\CureCautions;
use Ektype\Core\Press\InkSuits;
use Ektype\Core\Screen\StencilResists;
use PHPUnit\Framework\TestCase;

/** A kind of ink that nothing else was written for: it is minded wherever inks are. */
final class DischargeTest extends TestCase
{
    public function testItAsksForCottonAndItsActivatorAndNoBase(): void
    {
        $says = static fn (Substrate $on): string => implode(' ', InkSuits::says(['White', 'Gold'], [InkKind::Plastisol, InkKind::Discharge], [PlateRole::Base, PlateRole::Colour], $on));
        self::assertStringContainsString('Gold: discharge ink takes out the dye of cotton only', $says(Substrate::Cotton));
        self::assertStringContainsString('Try one piece of this very lot first', $says(Substrate::Cotton));
        self::assertStringContainsString('on polyester little or nothing happens', $says(Substrate::Polyester));
        self::assertStringContainsString('Gold: stir in its activator by weight', $says(Substrate::Cotton));
        self::assertStringContainsString('White: under discharge ink a base keeps it from the dye', $says(Substrate::Cotton));
        self::assertStringNotContainsString('base keeps it', implode(' ', InkSuits::says(['Gold'], [InkKind::Discharge], [PlateRole::Colour], Substrate::Cotton)));
    }

    public function testItsDryerAndItsActivatorAreCautionedOf(): void
    {
        $all = implode(' ', CureCautions::of([InkKind::Discharge, InkKind::Discharge], Substrate::Cotton, false));
        self::assertSame(1, substr_count($all, '160 °C for 2 to 3 min'), 'told once');
        self::assertStringContainsString('formaldehyde', $all);
        self::assertStringContainsString('extraction', $all);
    }

    public function testItsStencilHasToWithstandWaterAndItsMeshIsThatOfWaterBasedInk(): void
    {
        self::assertStringContainsString('softens in the run', StencilResists::Solvent->against(InkKind::Discharge, 'Rye'));
        self::assertSame('', StencilResists::Water->against(InkKind::Discharge, 'Rye'));
        $range = static fn (InkKind $kind): UsualRange => UsualRange::of(new MeshQuestion(PlateRole::Colour, Substrate::Cotton, $kind, null, null, new Lab(12, 0, 0)));
        self::assertEquals($range(InkKind::WaterBased), $range(InkKind::Discharge));
        $traits = InkKind::Discharge->traits();
        self::assertSame([1.1, true, true, false, false, 0.85], [$traits->density(), $traits->driesInMesh(), $traits->wantsWatching(), $traits->isRaised(), $traits->isTransparent(), $traits->hiding()]);
    }
}
