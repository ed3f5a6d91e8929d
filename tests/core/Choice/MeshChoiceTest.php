<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\RulingSchool;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Mesh\ToneRange;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a choice of mesh must never do, over many plates drawn at random. */
final class MeshChoiceTest extends TestCase
{
    public function testAMeshHoldsExactlyWhatGeometryAllowsWhateverElseIsAsked(): void
    {
        $random = new Randomizer(new Mt19937(31));
        for ($i = 0; $i < 200; ++$i) {
            $line = $random->getInt(0, 3) === 0 ? null : $random->getInt(5, 60) / 100;
            $gap = $random->getInt(0, 3) === 0 ? null : $random->getInt(8, 60) / 100;
            $lpi = $random->getInt(0, 2) === 0 ? (float) $random->getInt(20, 70) : null;
            $divisor = RulingSchool::DIVISORS[$random->getInt(0, 3)];
            $question = new MeshQuestion(
                [PlateRole::Base, PlateRole::Colour, PlateRole::Highlight][$random->getInt(0, 2)],
                Substrate::cases()[$random->getInt(0, 7)],
                InkKind::cases()[$random->getInt(0, 5)],
                $line,
                $lpi,
                Lab::of(new Srgb($random->getInt(0, 255), $random->getInt(0, 255), $random->getInt(0, 255))),
                finestGapMm: $gap,
                tones: $lpi === null ? null : new Tones(0.05, 0.9),
                depositUm: $random->getInt(0, 2) === 0 ? (float) $random->getInt(8, 80) : null,
                divisor: $divisor,
            );
            $ranked = MeshSuggestion::rank($question);
            self::assertCount(\count(MeshCatalogue::typical()), $ranked);
            $cost = -\INF;
            foreach ($ranked as $one) {
                $mesh = $one->mesh;
                $should = ($line === null || $line >= 10 / $mesh->threadsPerCm - 1e-12)
                    && ($gap === null || $gap >= (2 * $mesh->threadUm + 10000 / $mesh->threadsPerCm - $mesh->threadUm) / 1000 - 1e-12)
                    && ($lpi === null || $lpi <= 2.54 * $mesh->threadsPerCm / $divisor + 1e-12);
                self::assertSame($should, $one->holds, $mesh->name.': '.$one->why);
                self::assertGreaterThanOrEqual($cost, $one->cost, 'best first');
                $cost = $one->cost;
            }
        }
    }

    /** Finer mesh holds finer dots and more of the tones; a finer ruling asks more of it. */
    public function testTonesGrowWithTheMeshAndShrinkWithTheRuling(): void
    {
        foreach ([25.0, 35.0, 45.0, 55.0] as $lpi) {
            $coarse = ToneRange::on(new Mesh(43, 80), $lpi);
            $fine = ToneRange::on(new Mesh(120, 34), $lpi);
            self::assertLessThan($coarse->lightest, $fine->lightest);
            self::assertGreaterThan($coarse->darkest, $fine->darkest);
            $finer = ToneRange::on(new Mesh(120, 34), $lpi + 10);
            self::assertGreaterThan($fine->lightest, $finer->lightest);
            self::assertLessThan($fine->darkest, $finer->darkest);
            // The diameter that the lightest tone has is the pitch again.
            self::assertEqualsWithDelta(10 / 120, 25.4 / $lpi * 2 * sqrt($fine->lightest / \M_PI), 1e-9);
        }
    }

    /** Ink that was asked for outweighs the usual range: of the meshes that hold a bold line the one that leaves it is first, by the arithmetic of weave and transfer. */
    public function testADepositThatIsAskedForOutweighsWhatIsUsual(): void
    {
        foreach ([20, 26, 32, 38, 44, 52, 60] as $wanted) {
            $best = MeshSuggestion::rank(new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, 0.8, null, Lab::of(Srgb::fromHex('#f5f5f0')), depositUm: $wanted))[0]->mesh;
            $off = array_map(static fn (Mesh $m): float => abs(log(0.8 * self::volume($m) / $wanted)), array_filter(MeshCatalogue::typical(), static fn (Mesh $m): bool => 10 / $m->threadsPerCm <= 0.8));
            self::assertLessThan(min([\INF, ...$off]) + log(1.12), abs(log(0.8 * self::volume($best) / $wanted)), $wanted.' µm on '.$best->name);
        }
    }

    public function testARulingThatNoMeshHoldsIsSaidFirst(): void
    {
        $asks = static fn (float $lpi): MeshQuestion => new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, null, $lpi, Lab::of(Srgb::fromHex('#f5f5f0')));
        $says = static fn (float $lpi): string => MeshSuggestion::says($asks($lpi), MeshSuggestion::rank($asks($lpi)));
        self::assertSame('', $says(83.0), '165 per cm are 419 per inch, a fifth of it 83.8');
        self::assertStringContainsString('No mesh of these holds 90 lines per inch: the finest carries 83', $says(90.0));
    }

    /** cm³/m²: open area times about 1.6 threads of thickness. */
    private static function volume(Mesh $mesh): float
    {
        $pitch = 10000 / $mesh->threadsPerCm;

        return (($pitch - $mesh->threadUm) / $pitch) ** 2 * 1.6 * $mesh->threadUm;
    }
}
