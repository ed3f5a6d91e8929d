<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Screen;

use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Coating;
use Ektype\Core\Screen\Edge;
use Ektype\Core\Screen\GaugedCoating;
use Ektype\Core\Screen\PredictedStencil;
use Ektype\Core\Screen\StencilFigure;
use Ektype\Core\Screen\StencilModel;
use Ektype\Core\Screen\TensionFigure;
use Ektype\Core\Screen\TensionTrend;
use Ektype\Core\Unit\Refusal;
use Ektype\Core\Unit\Sign;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a printer reads of stencil and tension: the sign must turn red exactly where the screen may fail. */
final class FiguresOfScreensTest extends TestCase
{
    public function testAStencilNobodyGaugedIsReckonedWithItsInterval(): void
    {
        $coating = self::coating();
        $told = StencilModel::predict($coating);
        $figure = StencilFigure::thickness($coating, $told, null, 'counted coats');
        self::assertSame([Sign::Reckoned, 'µm', 'trade default'], [$figure->sign, $figure->unit, $figure->source]);
        self::assertSame([$told->eomUm, $told->lowUm, $told->highUm], [$figure->value, $figure->low, $figure->high]);
        self::assertSame('counted coats', $figure->school);
        self::assertStringContainsString('coated 1 + 1, sharp edge with Dual 5', $figure->inputs[0]);
        // 1.6 threads of 48 µm.
        self::assertStringContainsString('fabric 77 µm (1.6 threads of 48 µm)', $figure->inputs[1]);
        self::assertStringContainsString('A gauge reading', $figure->wouldChange);
    }

    public function testADataSheetIsNamedAsTheSourceOfTheFabric(): void
    {
        $coating = new Coating(new Mesh(90, 48, false, 58.0, 79.0), Edge::Sharp, 1, 1, 38);
        $figure = StencilFigure::thickness($coating, StencilModel::predict($coating), null, '');
        self::assertStringContainsString('fabric 79 µm (data sheet)', $figure->inputs[1]);
        self::assertStringNotContainsString(' with ', $figure->inputs[0], 'no emulsion is named where none is known');
    }

    /** Detail wants 10–20 % of the fabric, bold work 20–30 %: 76.8 µm of fabric want 7.7–15.4 µm, 102.4 µm want 20.5–30.7. */
    #[DataProvider('gauged')]
    public function testAGaugedStencilIsMeasuredOrOutOfBounds(Mesh $mesh, float $gauged, Sign $sign): void
    {
        $coating = new Coating($mesh, Edge::Sharp, 1, 1, 38);
        $figure = StencilFigure::thickness($coating, StencilModel::predict($coating), $gauged, '');
        self::assertSame($sign, $figure->sign);
        self::assertSame($gauged, $figure->value);
        self::assertSame('gauge, 1 reading of this shop', $figure->source);
        self::assertSame('', $figure->wouldChange);
    }

    /** @return iterable<string, array{Mesh, float, Sign}> */
    public static function gauged(): iterable
    {
        $fine = new Mesh(90, 48);
        yield 'detail, just under' => [$fine, 7.6, Sign::OutOfBounds];
        yield 'detail, just in' => [$fine, 7.8, Sign::Measured];
        yield 'detail, at the top' => [$fine, 15.3, Sign::Measured];
        yield 'detail, over' => [$fine, 15.5, Sign::OutOfBounds];
        $bold = new Mesh(43, 80);
        yield 'bold, just under' => [$bold, 25.4, Sign::OutOfBounds];
        yield 'bold, just in' => [$bold, 25.8, Sign::Measured];
        yield 'bold, at the top' => [$bold, 38.2, Sign::Measured];
        yield 'bold, over' => [$bold, 38.6, Sign::OutOfBounds];
    }

    public function testTheSourceCountsTheGaugeReadings(): void
    {
        $coating = self::coating();
        foreach ([1 => '1 gauge reading of this shop', 3 => '3 gauge readings of this shop'] as $count => $source) {
            $told = StencilModel::predict($coating, array_fill(0, $count, new GaugedCoating($coating, 11.0)));
            self::assertSame($source, StencilFigure::thickness($coating, $told, null, '')->source);
        }
    }

    /** Readings pull the prediction to themselves and narrow it, and never past them. */
    public function testGaugeReadingsMoveAndNarrowThePrediction(): void
    {
        $coating = self::coating();
        $before = StencilModel::predict($coating);
        $read = 1.4 * $before->eomUm;
        $last = $before;
        foreach ([1, 2, 4, 8, 16] as $count) {
            $now = StencilModel::predict($coating, array_fill(0, $count, new GaugedCoating($coating, $read)));
            self::assertGreaterThan($last->eomUm, $now->eomUm);
            self::assertLessThan($read, $now->eomUm);
            self::assertLessThan($last->highUm / $last->lowUm, $now->highUm / $now->lowUm);
            $last = $now;
        }
        self::assertEqualsWithDelta($read, $last->eomUm, 0.03 * $read);
    }

    public function testWhatMissesIsSaidWithWhatIsWanted(): void
    {
        $coating = self::coating();
        $thin = new PredictedStencil(4.0, 3.0, 5.0, 80.8, 5.2, 0);
        $right = new PredictedStencil(11.0, 9.0, 13.0, 87.8, 14.3, 0);
        self::assertSame('', StencilFigure::misses($coating, $right));
        $says = StencilFigure::misses($coating, $thin);
        self::assertStringContainsString('comes to 4 µm; 8 to 15 are wanted', $says);
        self::assertStringContainsString('No recipe of up to 3 + 3 coats', $says);
        $film = Coating::film(new Mesh(90, 48), 30.0);
        self::assertStringContainsString('A film of another thickness', StencilFigure::misses($film, $thin));
    }

    public function testCoatingsThatAreNoneAreRefusedAtTheirField(): void
    {
        $mesh = new Mesh(90, 48);
        foreach ([
            'printCoats' => [
                static fn (): Coating => new Coating($mesh, Edge::Sharp, 0, 0, 38),
                static fn (): Coating => new Coating($mesh, Edge::Sharp, -1, 3, 38),
                static fn (): Coating => new Coating($mesh, Edge::Sharp, 6, 5, 38),
            ],
            'solids' => [
                static fn (): Coating => new Coating($mesh, Edge::Sharp, 1, 1, 9),
                static fn (): Coating => new Coating($mesh, Edge::Sharp, 1, 1, 81),
            ],
            'film' => [static fn (): Coating => Coating::film($mesh, 9.5), static fn (): Coating => Coating::film($mesh, 401)],
        ] as $field => $wrong) {
            foreach ($wrong as $make) {
                try {
                    $make();
                    self::fail("$field was taken");
                } catch (Refusal $refused) {
                    self::assertSame($field, $refused->on);
                }
            }
        }
        foreach ([new Coating($mesh, Edge::Sharp, 5, 5, 10), new Coating($mesh, Edge::Round, 1, 0, 80), Coating::film($mesh, 10)] as $most) {
            self::assertNotSame('', $most->words(), 'the ends themselves are taken');
        }
    }

    /** School: the sharp edge from 150 threads per inch on; 59.06 per cm is that count. */
    public function testTheEdgeFollowsTheMeshAndTheSchool(): void
    {
        self::assertSame(Edge::Round, Coating::edgeFor(new Mesh(59, 64)));
        self::assertSame(Edge::Sharp, Coating::edgeFor(new Mesh(61, 64)));
        self::assertSame(Edge::Round, Coating::edgeFor(new Mesh(61, 64), 160));
        self::assertSame(Edge::Sharp, Coating::edgeFor(new Mesh(64, 60), 160));
    }

    public function testTheWordsOfACoatingAreTheShops(): void
    {
        $mesh = new Mesh(90, 48);
        self::assertSame('2 + 1, round edge, dried between', (new Coating($mesh, Edge::Round, 2, 1, 38, '', driedBetween: true))->words());
        self::assertSame('film of 22.5 µm on the wet mesh, print side', Coating::film($mesh, 22.5)->words());
    }

    /** @param list<string> $has */
    #[DataProvider('tensions')]
    public function testTensionTurnsRedWhereTheMeshIsSlackOrUneven(float $nPerCm, ?float $spread, Sign $sign, array $has): void
    {
        $figure = TensionFigure::of($nPerCm, 2, '2026-05-01', $spread, null);
        self::assertSame($sign, $figure->sign);
        self::assertSame('2 readings of this shop, the last of 2026-05-01', $figure->source);
        foreach ($has as $words) {
            self::assertStringContainsString($words, implode(' ', $figure->inputs).' '.$figure->wouldChange);
        }
    }

    /** @return iterable<string, array{float, float|null, Sign, list<string>}> */
    public static function tensions(): iterable
    {
        yield 'workable' => [20.0, 1.0, Sign::Measured, ['differ by 1.0 N/cm, 2 is even', 'New mesh drops']];
        yield 'at the line' => [15.0, 2.0, Sign::Measured, []];
        yield 'slack' => [14.9, 1.0, Sign::OutOfBounds, ['under 15 N/cm re-mesh']];
        yield 'uneven' => [22.0, 2.1, Sign::OutOfBounds, ['Stretched unevenly']];
        yield 'nobody read all places' => [22.0, null, Sign::Measured, ['18 to 25 workable']];
    }

    /** 0.05 N/cm a day is 1.52 a month; the words call the fall positive and name its ends from slow to fast. */
    public function testAFallIsToldByTheMonth(): void
    {
        $trend = TensionTrend::of([[0, 24.0], [30, 22.6], [60, 21.0], [90, 19.4]], 90);
        $words = implode(' ', TensionFigure::of(19.4, 4, '2026-05-01', 1.0, $trend)->inputs);
        self::assertSame(1, preg_match('/falls by ([\d.]+) N\/cm a month \(([\d.]+) to ([\d.]+)\)/', $words, $found), $words);
        self::assertEqualsWithDelta(30.44 * 4.62 / 90, (float) $found[1], 0.03, 'least squares by hand: 4.62 N/cm in 90 days');
        self::assertLessThan((float) $found[1], (float) $found[2]);
        self::assertGreaterThan((float) $found[1], (float) $found[3]);
        self::assertEqualsWithDelta(-1.522, TensionFigure::aMonth(-0.05), 1e-9);
        self::assertSame('as it was put on the shelf', TensionFigure::of(22, 0, null, null, null)->source);
        $assumed = TensionFigure::of(22, 0, null, null, null, true);
        self::assertSame([Sign::Reckoned, 'trade default, until it is gauged'], [$assumed->sign, $assumed->source]);
        self::assertSame(Sign::OutOfBounds, TensionFigure::of(12, 0, null, null, null, true)->sign, 'slack is slack');
        self::assertSame('1 reading of this shop, the last of 2026-05-01', TensionFigure::of(22, 1, '2026-05-01', null, null)->source);
    }

    /** Under an eighth of a thread it is rough, from a quarter on smooth. */
    public function testTheStencilLevelsTheWeaveByShareOfTheThread(): void
    {
        $mesh = new Mesh(61, 64);
        self::assertStringStartsWith('Rough', StencilModel::roughness($mesh, 7.9));
        self::assertStringStartsWith('Fair', StencilModel::roughness($mesh, 8.1));
        self::assertStringStartsWith('Fair', StencilModel::roughness($mesh, 15.9));
        self::assertStringStartsNotWith('Fair', StencilModel::roughness($mesh, 16.1));
        self::assertStringStartsNotWith('Rough', StencilModel::roughness($mesh, 16.1));
    }

    private static function coating(): Coating
    {
        return new Coating(new Mesh(90, 48), Edge::Sharp, 1, 1, 38, 'Dual 5');
    }
}
