<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Choice;

use Ektype\Core\Choice\MeshQuestion;
use Ektype\Core\Choice\MeshSuggestion;
use Ektype\Core\Choice\UsualRange;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Plate\Tones;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The trade’s table of usual meshes, threads per inch. */
final class UsualRangeTest extends TestCase
{
    /** @return iterable<string, array{PlateRole, Substrate, InkKind, string, float|null, float|null, float, float}> */
    public static function table(): iterable
    {
        [$base, $colour, $highlight] = [PlateRole::Base, PlateRole::Colour, PlateRole::Highlight];
        [$cotton, $plastisol] = [Substrate::Cotton, InkKind::Plastisol];
        yield 'glitter' => [$colour, $cotton, InkKind::Glitter, '#101010', null, null, 25, 61];
        yield 'puff, fine' => [$colour, $cotton, InkKind::Puff, '#101010', 0.2, null, 61, 110];
        yield 'a base of puff' => [$base, $cotton, InkKind::Puff, '#101010', null, null, 61, 110];
        yield 'metallic on paper' => [$colour, Substrate::Paper, InkKind::Metallic, '#ffffff', null, null, 86, 125];
        yield 'paper' => [$colour, Substrate::Paper, InkKind::WaterBased, '#ffffff', null, null, 195, 305];
        yield 'opaque white on paper' => [$highlight, Substrate::Paper, InkKind::WaterBased, '#404040', null, null, 155, 230];
        yield 'rigid' => [$colour, Substrate::Rigid, InkKind::Solvent, '#ffffff', null, null, 255, 355];
        yield 'a bold base' => [$base, $cotton, $plastisol, '#101010', null, null, 110, 160];
        yield 'a base under detail' => [$base, $cotton, $plastisol, '#101010', 0.25, null, 180, 230];
        yield 'a base under tone stays at 230' => [$base, $cotton, $plastisol, '#101010', null, 45.0, 225, 235];
        yield 'under the finest tone too' => [$base, $cotton, $plastisol, '#101010', null, 65.0, 225, 235];
        yield 'a base on white is a colour' => [$base, $cotton, $plastisol, '#ffffff', null, null, 110, 165];
        yield 'a highlight' => [$highlight, $cotton, $plastisol, '#101010', null, null, 160, 230];
        yield 'a fine highlight' => [$highlight, $cotton, $plastisol, '#101010', 0.2, null, 200, 255];
        yield 'tone' => [$colour, $cotton, $plastisol, '#101010', null, 45.0, 200, 305];
        yield 'a ruling of 85' => [$colour, $cotton, $plastisol, '#101010', null, 85.0, 355, 420];
        yield 'fine' => [$colour, $cotton, $plastisol, '#101010', 0.25, null, 200, 255];
        yield 'bold lines' => [$colour, $cotton, $plastisol, '#101010', 0.8, null, 110, 165];
        yield 'bold' => [$colour, Substrate::Fleece, $plastisol, '#101010', null, null, 110, 165];
        yield 'water-based on a tee' => [$colour, $cotton, InkKind::WaterBased, '#ffffff', null, null, 155, 230];
        yield 'water-based on thin cloth' => [$colour, Substrate::TriBlend, InkKind::WaterBased, '#ffffff', null, null, 155, 230];
        yield 'water-based on canvas' => [$colour, Substrate::Canvas, InkKind::WaterBased, '#ffffff', null, null, 110, 165];
    }

    #[DataProvider('table')]
    public function testIsTheTradesTable(
        PlateRole $role,
        Substrate $substrate,
        InkKind $ink,
        string $garment,
        ?float $line,
        ?float $lpi,
        float $from,
        float $to,
    ): void {
        $usual = UsualRange::of(new MeshQuestion($role, $substrate, $ink, $line, $lpi, Lab::of(Srgb::fromHex($garment))));
        self::assertSame([$from, $to], [$usual->from, $usual->to]);
        self::assertEqualsWithDelta(0.0, $usual->cost(sqrt($from * $to)), 1e-12, 'its middle costs nothing');
        self::assertEqualsWithDelta(log(sqrt($to / $from), 2), $usual->cost($to), 1e-12);
        self::assertEqualsWithDelta($usual->cost($to) + 4.0, $usual->cost(2 * $to), 1e-12, 'a doubling beyond it costs four');
        self::assertEqualsWithDelta($usual->cost($from) + 4.0, $usual->cost($from / 2), 1e-12);
        self::assertStringStartsWith('coarser', $usual->says($from - 1));
        self::assertStringStartsWith('finer', $usual->says($to + 1));
        self::assertStringStartsWith('within', $usual->says($from));
    }

    /** Line by line, a hundredth of a millimetre at a time: the mesh on top moves by one place of the catalogue at the most. */
    public function testAHundredthOfAMillimetreNeverJumpsTwoMeshes(): void
    {
        $order = array_map(static fn (Mesh $m): string => $m->name, MeshCatalogue::typical());
        foreach ([[PlateRole::Colour, InkKind::Plastisol], [PlateRole::Base, InkKind::Plastisol], [PlateRole::Colour, InkKind::WaterBased]] as [$role, $ink]) {
            $last = null;
            $seen = [];
            for ($hundredth = 12; $hundredth <= 120; ++$hundredth) {
                $best = MeshSuggestion::rank(new MeshQuestion($role, Substrate::Cotton, $ink, $hundredth / 100, null, Lab::of(Srgb::fromHex('#101010'))))[0];
                $place = (int) array_search($best->mesh->name, $order, true);
                if ($last !== null) {
                    self::assertLessThanOrEqual(1, abs($place - $last), $role->value." at $hundredth hundredths: from {$order[$last]} to {$best->mesh->name}");
                }
                $last = $place;
                $seen[$place] = true;
            }
            self::assertGreaterThan(2, \count($seen), 'and it does move');
        }
    }

    /** Forty micrometres asked for on a plate whose usual meshes leave twenty: what was asked for is given. */
    public function testADepositThatWasAskedForOutweighsWhatIsUsual(): void
    {
        foreach ([40.0, 18.0, 60.0] as $um) {
            $best = MeshSuggestion::rank(new MeshQuestion(PlateRole::Colour, Substrate::Cotton, InkKind::Plastisol, null, null, Lab::of(Srgb::fromHex('#ffffff')), depositUm: $um))[0];
            self::assertEqualsWithDelta($um, 0.8 * $best->mesh->volumeCm3M2, 0.3 * $um, $best->mesh->name.": $um µm");
        }
    }

    public function testUnderTonesABaseGivesUpTheLightestRatherThanItsInk(): void
    {
        $garment = Lab::of(Srgb::fromHex('#101010'));
        $best = MeshSuggestion::rank(new MeshQuestion(PlateRole::Base, Substrate::Cotton, InkKind::Plastisol, null, 45.0, $garment, tones: new Tones(0.02, 0.98)))[0];
        self::assertEqualsWithDelta(230, $best->mesh->threadsPerInch(), 30, $best->mesh->name);
        self::assertStringContainsString('loses the lightest under', $best->why);
    }
}
