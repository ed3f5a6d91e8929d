<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mesh;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\TestCase;

final class SheetAndTonesTest extends TestCase
{
    public function testTheDataSheetWins(): void
    {
        $sheet = new Mesh(120, 34, true, 45.0, 53.0);
        self::assertTrue($sheet->fromSheet);
        self::assertEqualsWithDelta(100 * (45 / 83.3333) ** 2, $sheet->openAreaPct, 1e-3);
        self::assertEqualsWithDelta(53 * (45 / 83.3333) ** 2, $sheet->volumeCm3M2, 1e-3);
        self::assertEqualsWithDelta((2 * 34 + 45) / 1000, $sheet->finestGapMm, 1e-9);
        self::assertFalse((new Mesh(120, 34))->fromSheet);
        self::assertTrue((new Mesh(120, 34, true, 45.0))->fromSheet, 'one figure of the sheet is enough');
        self::assertTrue((new Mesh(120, 34, true, null, 53.0))->fromSheet);
        foreach ([
            ['opening', 90.0, null],
            ['opening', 0.0, null],
            ['thickness', null, 20.0],
            ['thickness', null, 100.0],
        ] as [$field, $opening, $thickness]) {
            try {
                new Mesh(120, 34, false, $opening, $thickness);
                self::fail('a data sheet of another mesh was taken');
            } catch (Refusal $refused) {
                self::assertSame($field, $refused->on);
            }
        }
    }

    /** Worked by hand: 120–34 at 55 lpi, cell 461.8 µm, dot 83.3 µm, island 117.3 µm. */
    public function testTheTonesAMeshHolds(): void
    {
        $range = ToneRange::on(new Mesh(120, 34), 55);
        self::assertEqualsWithDelta(0.02557, $range->lightest, 1e-4);
        self::assertEqualsWithDelta(1 - 0.05069, $range->darkest, 1e-4);
        self::assertTrue($range->holdsAny());
        self::assertFalse(ToneRange::on(new Mesh(32, 100), 65)->holdsAny(), 'a coarse mesh holds no fine ruling');
        // Drawn: the share of a cell that a dot of the smallest size covers, point by point.
        $n = 600;
        $cell = 25.4 / 55;
        $inside = 0;
        for ($i = 0; $i < $n * $n; ++$i) {
            $inside += hypot(($i % $n + 0.5) / $n - 0.5, (intdiv($i, $n) + 0.5) / $n - 0.5) * $cell <= $range->smallestDotMm / 2 ? 1 : 0;
        }
        self::assertEqualsWithDelta($inside / $n / $n, $range->lightest, 3e-4);
        $this->expectException(Refusal::class);
        ToneRange::on(new Mesh(120, 34), 0);
    }

    public function testGapTonesDepositAndSchoolMoveTheChoice(): void
    {
        $white = Lab::of(Srgb::fromHex('#ffffff'));
        $ask = static fn (?float $lpi = null, ?float $finestGapMm = null, ?Tones $tones = null, ?float $depositUm = null, float $divisor = RulingSchool::USUAL): MeshQuestion => new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, null, $lpi, $white, finestGapMm: $finestGapMm, tones: $tones, depositUm: $depositUm, divisor: $divisor);
        // A gap of 0.2 mm: only meshes whose 2 d + w is thinner hold it.
        foreach (MeshSuggestion::rank($ask(finestGapMm: 0.2)) as $ranked) {
            self::assertSame($ranked->mesh->finestGapMm <= 0.2, $ranked->holds, $ranked->mesh->name);
        }
        // 50 lpi on 90–48 (229 per inch): over the ceiling with 5, under it with 4.
        $on = [new Mesh(90, 48)];
        self::assertFalse(MeshSuggestion::rank($ask(lpi: 50.0), $on)[0]->holds);
        self::assertTrue(MeshSuggestion::rank($ask(lpi: 50.0, divisor: 4.0), $on)[0]->holds);
        // Tones that reach to 1 % ask for remapping, and say so; 10 to 80 % do not.
        self::assertStringContainsString('remapped', MeshSuggestion::rank($ask(lpi: 45.0, tones: new Tones(0.01, 0.99)), $on)[0]->why);
        self::assertStringContainsString('holds its tones', MeshSuggestion::rank($ask(lpi: 45.0, tones: new Tones(0.1, 0.8)), $on)[0]->why);
        // A wanted deposit draws the choice to the mesh that leaves it: 43–80 leaves 0.8 × 55 µm.
        self::assertLessThan(60, MeshSuggestion::rank($ask(depositUm: 44.0))[0]->mesh->threadsPerCm);
        $this->expectException(Refusal::class);
        new Tones(0.8, 0.2);
    }
}
