<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Darkroom\Drying;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mesh\MeshCatalogue;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\GaugedCoating;
use Ektype\Core\Screen\StencilFigure;
use Ektype\Core\Screen\StencilModel;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Emulsion is neither made nor lost: what is poured is what stands, and the water that has gone. */
final class MassBalanceTest extends TestCase
{
    /**
     * By hand, D − 2.1 n π d² / 4 with n threads a mm and d, D in mm.
     *
     * @param float $voids µm
     */
    #[DataProvider('fabrics')]
    public function testTheVoidsOfAFabricAreWhatIsNotThread(float $perCm, float $thread, float $voids): void
    {
        self::assertEqualsWithDelta($voids, (new Mesh($perCm, $thread))->voidsUm(), 0.01);
    }

    /** @return iterable<string, array{float, float, float}> */
    public static function fabrics(): iterable
    {
        // 0.0768 − 2.1 × 9 × π × 0.048² / 4 = 0.0768 − 0.034200
        yield '90–48' => [90, 48, 42.600];
        // 0.1024 − 2.1 × 6.1 × π × 0.064² / 4 = 0.1024 − 0.041210
        yield '61–64' => [61, 64, 61.190];
        // 0.128 − 2.1 × 4.3 × π × 0.080² / 4 = 0.128 − 0.045389
        yield '43–80' => [43, 80, 82.611];
        // 0.0544 − 2.1 × 12 × π × 0.034² / 4 = 0.0544 − 0.022880
        yield '120–34' => [120, 34, 31.520];
    }

    public function testEveryMeshHasVoidsAndNoneMoreThanItsThickness(): void
    {
        foreach (MeshCatalogue::typical() as $mesh) {
            self::assertGreaterThan(0.2 * $mesh->thicknessUm, $mesh->voidsUm(), $mesh->name);
            self::assertLessThan($mesh->thicknessUm, $mesh->voidsUm(), $mesh->name);
        }
        self::assertGreaterThan((new Mesh(90, 48))->voidsUm(), (new Mesh(90, 48, false, null, 84.0))->voidsUm(), 'a thicker fabric by its data sheet holds more');
    }

    /** 90–48 with 10 µm over it, 38 % solids: (42.6 + 10) / 0.38 = 138.4 ml/m², of which 85.8 is water. */
    public function testWhatIsPouredIsWhatStandsAndTheWaterThatHasGone(): void
    {
        $coating = new Coating(new Mesh(90, 48), Edge::Sharp, 1, 1, 38);
        self::assertEqualsWithDelta(52.6, StencilModel::dryUm($coating, 10), 0.01);
        self::assertEqualsWithDelta(138.42, StencilModel::wetUm($coating, 10), 0.02);
        self::assertEqualsWithDelta(85.82, StencilModel::waterUm($coating, 10), 0.02);
        // A frame of 460 × 560 mm inside: 0.2576 m², a quarter more for trough and pot.
        self::assertEqualsWithDelta(1.25 * 0.2576 * 138.42, StencilModel::emulsionMl($coating, 460, 560, 10), 0.02);
        foreach ([20.0, 30.0, 45.0, 60.0] as $solids) {
            $other = new Coating(new Mesh(90, 48), Edge::Sharp, 1, 1, $solids);
            self::assertEqualsWithDelta(
                StencilModel::wetUm($other, 10),
                StencilModel::dryUm($other, 10) + StencilModel::waterUm($other, 10),
                1e-9,
                'nothing is lost',
            );
            self::assertEqualsWithDelta($solids / 100, StencilModel::dryUm($other, 10) / StencilModel::wetUm($other, 10), 1e-9);
        }
    }

    /** With 20 % of solids there is six times the water of 60 %, for the same stencil: (1 / 0.2 − 1) / (1 / 0.6 − 1). */
    public function testThinEmulsionDriesLonger(): void
    {
        $hours = static fn (float $solids): float => Drying::hours(
            StencilModel::waterUm(new Coating(new Mesh(77, 55), Edge::Sharp, 1, 1, $solids), 12),
            24,
            45,
            0.5,
        );
        self::assertEqualsWithDelta(6.0, $hours(20) / $hours(60), 1e-9);
        self::assertGreaterThan($hours(40), $hours(30));
    }

    public function testAFilmIsLaidDryOnAWetMesh(): void
    {
        $film = Coating::film(new Mesh(77, 55), 30);
        self::assertSame([30.0, 30.0], [StencilModel::dryUm($film), StencilModel::wetUm($film)]);
        self::assertEqualsWithDelta((new Mesh(77, 55))->voidsUm(), StencilModel::waterUm($film), 1e-9);
        self::assertSame(0.0, StencilModel::emulsionMl($film, 400, 500));
    }

    /** Gauge readings move the emulsion and the drying with the thickness. */
    public function testGaugeReadingsMoveAllOfIt(): void
    {
        $coating = new Coating(new Mesh(90, 48), Edge::Sharp, 1, 1, 38, 'Dual 5');
        $thick = array_fill(0, 6, new GaugedCoating($coating, 1.4 * StencilModel::built($coating)));
        $before = StencilModel::predict($coating);
        $after = StencilModel::predict($coating, $thick);
        self::assertGreaterThan($before->eomUm, $after->eomUm);
        $ml = static fn (float $eom): float => (float) StencilFigure::emulsion($coating, 460, 560, $eom)->value;
        self::assertEqualsWithDelta(
            1.25 * 0.2576 * ($after->eomUm - $before->eomUm) / 0.38,
            $ml($after->eomUm) - $ml($before->eomUm),
            1e-9,
        );
        self::assertGreaterThan(StencilModel::waterUm($coating, $before->eomUm), StencilModel::waterUm($coating, $after->eomUm));
    }

    /** One reading of 48 µm among five of about eleven is a gauge that slipped: named, and not believed. */
    public function testOneWildReadingIsNamedAndNotBelieved(): void
    {
        $coating = new Coating(new Mesh(90, 48), Edge::Sharp, 1, 1, 38, 'Dual 5');
        $built = StencilModel::built($coating);
        $good = array_map(static fn (float $k): GaugedCoating => new GaugedCoating($coating, $k * $built), [0.96, 1.0, 1.05, 1.1, 0.93]);
        $without = StencilModel::predict($coating, $good);
        foreach ([4.5, 2.0, 0.4] as $k) {
            foreach ([0, 2, 5] as $place) {
                $with = $good;
                array_splice($with, $place, 0, [new GaugedCoating($coating, $k * $built)]);
                $told = StencilModel::predict($coating, $with);
                self::assertEqualsWithDelta($without->eomUm, $told->eomUm, 1e-9, "wherever it was read, $k at $place");
                self::assertSame([$k * $built], $told->leftOut);
                self::assertSame(5, $told->restsOn);
                self::assertStringContainsString(
                    \sprintf('a gauge reading of %.0f µm was left out', $k * $built),
                    implode(' ', StencilFigure::thickness($coating, $told, null, '')->inputs),
                );
            }
        }
        self::assertSame([], $without->leftOut);
    }

    /** A shop that coats half as thick again in all its readings is no slip of the gauge: it is that shop. */
    public function testAHandThatDiffersIsLearnedAndNotLeftOut(): void
    {
        $coating = new Coating(new Mesh(90, 48), Edge::Sharp, 1, 1, 38, 'Dual 5');
        $built = StencilModel::built($coating);
        foreach ([0.6, 1.6] as $hand) {
            $told = StencilModel::predict($coating, array_map(static fn (float $k): GaugedCoating => new GaugedCoating($coating, $hand * $k * $built), [0.95, 1.0, 1.04, 1.08]));
            self::assertSame([], $told->leftOut);
            self::assertEqualsWithDelta($hand * $built, $told->eomUm, 0.15 * $hand * $built);
        }
        $alone = StencilModel::predict($coating, [new GaugedCoating($coating, 4 * $built)]);
        self::assertSame([4 * $built], $alone->leftOut, 'four times what any coat gives is none, even alone');
    }
}
