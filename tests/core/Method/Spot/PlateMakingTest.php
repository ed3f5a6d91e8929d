<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotResult;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\DrawnPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Tests\Core\Separation\DrawnPlane;
use PHPUnit\Framework\TestCase;

/** Plates of rectangles, whose base, trap and order can be worked out with pencil and paper. */
final class PlateMakingTest extends TestCase
{
    private const NAVY = '#1b2436';
    private const WHITE = '#fdfdfb';
    private const STRAW = '#f0e2b0';
    private const RUST = '#b84a30';
    private const BLACK = '#14110f';
    private const DPI = 254.0;

    /** 20 × 20 mm choked by 0.3 mm all round is 19.4 × 19.4: ten film pixels a millimetre, so exact. */
    public function testTheBaseIsTheUnionChokedOnEverySide(): void
    {
        $result = self::made(self::NAVY, [
            self::STRAW => [[5, 5, 20, 20]],
            self::RUST => [[25, 5, 20, 20]],
        ], chokeMm: 0.3);
        $base = $result->plates[0];
        self::assertSame([PlateRole::Base, 'Base white'], [$base->role, $base->name]);
        // Straw and rust touch: between them there is no edge and no choke. 40 × 20 mm choked is 39.4 × 19.4.
        self::assertEqualsWithDelta(39.4 * 19.4 / 100, $base->area->cm2, 1e-9);
        self::assertEqualsWithDelta(8.0, $base->area->artCm2, 0.4, 'what the art asks for under it');
        self::assertSame([4.0, 4.0], array_map(static fn (SeparatedPlate $p): float => round($p->area->cm2, 6), \array_slice($result->plates, 1)));
        self::assertNull($base->artColour);
    }

    public function testNoBaseOnLightClothNorUnderInksDarkerThanTheCloth(): void
    {
        self::assertSame(['Straw', 'Rust'], self::names(self::made('#ffffff', [self::STRAW => [[5, 5, 9, 9]], self::RUST => [[20, 5, 9, 9]]])));
        // Black on navy needs none; straw beside it does, and the base lies under the straw alone.
        $result = self::made(self::NAVY, [self::STRAW => [[5, 5, 20, 20]], self::BLACK => [[30, 5, 10, 10]]], chokeMm: 0.0);
        self::assertEqualsWithDelta(4.0, $result->plates[0]->area->cm2, 1e-9);
        self::assertSame(['Base white', 'Straw', 'Black'], self::names($result));
    }

    public function testWhatIsDecidedForTheBaseHolds(): void
    {
        $plates = [self::STRAW => [[5, 5, 20, 20]], self::RUST => [[30, 5, 10, 10]]];
        $without = self::made(self::NAVY, $plates, chokeMm: 0.0, onBase: [self::RUST => false]);
        self::assertEqualsWithDelta(4.0, $without->plates[0]->area->cm2, 1e-9);
        $none = self::made(self::NAVY, $plates, onBase: [self::RUST => false, self::STRAW => false]);
        self::assertSame(['Straw', 'Rust'], self::names($none));
    }

    /** A white of 1.4 % of the print is a highlight and last; of 23 % it is a colour and first. */
    public function testASmallWhiteIsTheHighlightAndPrintsLast(): void
    {
        $small = self::made(self::NAVY, [self::WHITE => [[2, 2, 6, 6]], self::STRAW => [[15, 5, 20, 20]]]);
        self::assertSame([PlateRole::Base, PlateRole::Colour, PlateRole::Highlight], self::roles($small));
        $large = self::made(self::NAVY, [self::WHITE => [[2, 2, 24, 24]], self::STRAW => [[30, 5, 15, 15]]]);
        self::assertSame([PlateRole::Base, PlateRole::Colour, PlateRole::Colour], self::roles($large));
        self::assertSame('#fdfdfb', $large->plates[1]->colour->hex(), 'lightest first');
        $told = self::made(self::NAVY, [self::WHITE => [[2, 2, 6, 6]], self::STRAW => [[15, 5, 20, 20]]], highlights: [self::WHITE => false]);
        self::assertSame([PlateRole::Base, PlateRole::Colour, PlateRole::Colour], self::roles($told));
    }

    public function testLightPrintsBeforeDarkWhateverTheOrderOfTheArt(): void
    {
        $one = self::made(self::NAVY, [self::BLACK => [[5, 5, 5, 5]], self::RUST => [[15, 5, 5, 5]], self::STRAW => [[25, 5, 5, 5]]]);
        $two = self::made(self::NAVY, [self::STRAW => [[25, 5, 5, 5]], self::BLACK => [[5, 5, 5, 5]], self::RUST => [[15, 5, 5, 5]]]);
        self::assertSame(['Base white', 'Straw', 'Rust', 'Black'], self::names($one));
        self::assertSame(self::names($one), self::names($two));
    }

    /** Only the darkest overprints, only where it is dark, and only beside others. */
    public function testTheDarkestOverprints(): void
    {
        $over = static fn (SpotResult $r): array => array_map(static fn (SeparatedPlate $p): bool => $p->ink->overprints, $r->plates);
        self::assertSame([false, false, true], $over(self::made(self::NAVY, [self::STRAW => [[5, 5, 9, 9]], self::BLACK => [[14, 5, 9, 9]]])));
        self::assertSame([false, false, false], $over(self::made(self::NAVY, [self::STRAW => [[5, 5, 9, 9]], '#8fb3a2' => [[14, 5, 9, 9]]])));
        self::assertSame([false], $over(self::made('#ffffff', [self::BLACK => [[14, 5, 9, 9]]])), 'alone it has nothing to hide');
        self::assertSame([false, false, false], $over(self::made(
            self::NAVY,
            [self::STRAW => [[5, 5, 9, 9]], self::BLACK => [[14, 5, 9, 9]]],
            overprints: [self::BLACK => false],
        )));
    }

    /** 20 mm of common edge, half a millimetre under the dark plate that overprints and a trap of 0.2 under one that does not. */
    public function testTheTrapGrowsTheLighterPlateAlongTheCommonEdge(): void
    {
        $beside = [self::STRAW => [[5, 5, 20, 20]], self::RUST => [[25, 5, 20, 20]]];
        $plain = self::made(self::NAVY, $beside, trapMm: 0.2, overprints: [self::RUST => false]);
        self::assertEqualsWithDelta(4.0 + 0.02 * 2, self::plate($plain, 'Straw')->area->cm2, 1e-9);
        self::assertEqualsWithDelta(4.0, self::plate($plain, 'Rust')->area->cm2, 1e-9, 'the darker keeps its edge');
        $over = self::made(self::NAVY, $beside, trapMm: 0.2, overprints: [self::RUST => true]);
        self::assertEqualsWithDelta(4.0 + 0.05 * 2, self::plate($over, 'Straw')->area->cm2, 1e-9);
        $none = self::made(self::NAVY, $beside, trapMm: 0.0, overprints: [self::RUST => false]);
        self::assertEqualsWithDelta(4.0, self::plate($none, 'Straw')->area->cm2, 1e-9);
    }

    /** The register budget of two that trap is what they overlap by; of two that butt it is a film pixel or nothing. */
    public function testTheBudgetIsWhatNeighboursOverlapBy(): void
    {
        $beside = [self::STRAW => [[5, 5, 20, 20]], self::RUST => [[25, 5, 20, 20]]];
        $trapped = self::made(self::NAVY, $beside, trapMm: 0.3, overprints: [self::RUST => false]);
        self::assertEqualsWithDelta(0.3, $trapped->budgetMm, 0.11);
        $butted = self::made(self::NAVY, $beside, overprints: [self::RUST => false]);
        self::assertLessThanOrEqual(0.1, $butted->budgetMm);
        self::assertNull(self::made(self::NAVY, [self::STRAW => [[5, 5, 9, 9]], self::RUST => [[30, 5, 9, 9]]])->budgetMm, 'far apart');
    }

    /** A plate that serves as base prints in full and carries the others, choked beneath them. */
    public function testAPlateServesAsTheBase(): void
    {
        $result = self::made(
            self::NAVY,
            [self::WHITE => [[5, 5, 20, 20]], self::RUST => [[25, 5, 20, 20]]],
            chokeMm: 0.3,
            baseFrom: self::WHITE,
        );
        self::assertSame([PlateRole::Base, PlateRole::Colour], self::roles($result));
        // 20 × 20 in full, and of the rust's 20 × 20 all but 0.3 mm at its three free edges.
        self::assertEqualsWithDelta((20 * 20 + 19.7 * 19.4) / 100, $result->plates[0]->area->cm2, 0.02);
        self::assertSame([], $result->warnings);
        $weak = self::made(self::NAVY, [self::WHITE => [[5, 5, 9, 9]], '#5a6070' => [[20, 5, 9, 9]]], baseFrom: '#5a6070');
        self::assertStringContainsString('a plate that serves as the base wants 35 or more', implode(' ', $weak->warnings));
    }

    /** A stroke of 0.4 mm under a choke of 0.3 would vanish: it keeps half of its width and is listed. */
    public function testAThinStrokeKeepsABaseAndIsListed(): void
    {
        $result = self::made(self::NAVY, [self::STRAW => [[5, 5, 20, 20], [5, 30, 20, 0.4]]], chokeMm: 0.3);
        self::assertNotSame([], $result->thinBase);
        self::assertEqualsWithDelta(0.4, $result->thinBase[0]->widthMm, 0.11);
        self::assertStringContainsString('choked by a quarter of the stroke’s width', implode(' ', $result->warnings));
        $stroke = 0;
        $plane = $result->plates[0]->plane;
        for ($y = 295; $y < 310; ++$y) {
            $stroke += (int) $plane->isSet(150, $y);
        }
        self::assertGreaterThanOrEqual(2, $stroke, 'two film pixels of base at the least, of four of ink');
        self::assertLessThanOrEqual(4, $stroke);
    }

    public function testPlatesOfOneNameAreToldApart(): void
    {
        $result = self::made('#ffffff', [self::RUST => [[5, 5, 9, 9]], '#ba4c32' => [[20, 5, 9, 9]]]);
        self::assertCount(2, array_unique(self::names($result)));
    }

    public function testAreasAreThoseOfTheArtInSquareCentimetres(): void
    {
        $result = self::made('#ffffff', [self::RUST => [[5, 5, 12.5, 8]]]);
        self::assertEqualsWithDelta(1.0, $result->plates[0]->area->cm2, 1e-9);
        self::assertEqualsWithDelta(100 * 1.0 / (50 * 40 / 100), $result->plates[0]->coveragePct, 1e-9);
    }

    /**
     * @param array<string, list<array{float, float, float, float}>> $plates     colour => left, top, width, height, mm
     * @param array<string, bool>                                    $onBase
     * @param array<string, bool>                                    $highlights
     * @param array<string, bool>                                    $overprints
     */
    private static function made(
        string $garment,
        array $plates,
        float $chokeMm = 0.25,
        float $trapMm = 0.0,
        array $onBase = [],
        array $highlights = [],
        array $overprints = [],
        ?string $baseFrom = null,
    ): SpotResult {
        $drawn = [];
        foreach ($plates as $hex => $boxes) {
            $drawn[] = new DrawnPlate(
                new GivenInk('', Srgb::fromHex($hex)),
                DrawnPlane::of(50, 40, self::DPI, static function (float $x, float $y) use ($boxes): bool {
                    foreach ($boxes as [$left, $top, $width, $height]) {
                        if ($x > $left && $x < $left + $width && $y > $top && $y < $top + $height) {
                            return true;
                        }
                    }

                    return false;
                }),
            );
        }
        self::assertNotEmpty($drawn);

        return SpotSeparation::ofDrawn(
            $drawn,
            new SpotRequest(50.0, Srgb::fromHex($garment), new SpotPlan(chokeMm: $chokeMm, baseFrom: $baseFrom, colours: new ColourDecisions(highlights: $highlights, onBase: $onBase, overprints: $overprints)), dpi: self::DPI, trapMm: $trapMm),
        );
    }

    private static function plate(SpotResult $result, string $name): SeparatedPlate
    {
        foreach ($result->plates as $plate) {
            if ($plate->name === $name) {
                return $plate;
            }
        }
        self::fail("There is no $name among ".implode(', ', self::names($result)));
    }

    /** @return list<string> */
    private static function names(SpotResult $result): array
    {
        return array_map(static fn (SeparatedPlate $p): string => $p->name, $result->plates);
    }

    /** @return list<PlateRole> */
    private static function roles(SpotResult $result): array
    {
        return array_map(static fn (SeparatedPlate $p): PlateRole => $p->role, $result->plates);
    }
}
