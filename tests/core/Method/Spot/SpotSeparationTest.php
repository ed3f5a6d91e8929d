<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotResult;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Unit\Refusal;
use Ektype\Tests\Core\Separation\KnownArt;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class SpotSeparationTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function someSources(): iterable
    {
        return Measure::some(2, self::sources());
    }

    /** @return iterable<string, array{string, float}> */
    public static function sources(): iterable
    {
        foreach ([150, 300, 600] as $ppi) {
            yield "png $ppi" => ['png', $ppi];
            yield "jpeg $ppi" => ['jpeg', $ppi];
        }
    }

    /** Every film pixel further from an edge than 0.1 mm or 0.6 of an art pixel lies on the right plate. */
    #[DataProvider('someSources')]
    public function testEveryPixelAwayFromAnEdgeIsOnItsPlate(string $kind, float $ppi): void
    {
        $result = self::separate($kind === 'png' ? KnownArt::drawn($ppi) : KnownArt::jpeg($ppi));
        $plates = self::byTruth($result);
        self::assertSame([KnownArt::STRAW, KnownArt::SAGE, KnownArt::RUST], array_keys($plates), 'three inks and no stray ones');
        $tolerance = max(0.1, 0.6 * 25.4 / $ppi);
        $wrong = [];
        $plane = $result->plates[0]->plane;
        for ($y = 0; $y < $plane->height; $y += 2) {
            for ($x = $y % 3; $x < $plane->width; $x += 3) {
                $mmX = ($x + 0.5) * 40 / $plane->width;
                $mmY = ($y + 0.5) * 30 / $plane->height;
                $truth = KnownArt::at($mmX, $mmY);
                foreach ($plates as $hex => $plate) {
                    // The distance to the edge is dear to work out: only where the plate differs from the truth.
                    if ($plate->plane->isSet($x, $y) !== ($hex === $truth) && KnownArt::edgeDistance($mmX, $mmY) > $tolerance
                        && !self::nearCorner($mmX, $mmY, 1.5 * 25.4 / $ppi)) {
                        $wrong[] = \sprintf('%.2f, %.2f mm: %s', $mmX, $mmY, $hex);
                    }
                }
            }
        }
        self::assertSame([], \array_slice($wrong, 0, 5), \count($wrong).' pixels are on the wrong plate');
    }

    #[DataProvider('someSources')]
    public function testAreasAgreeWithGeometry(string $kind, float $ppi): void
    {
        $plates = self::byTruth(self::separate($kind === 'png' ? KnownArt::drawn($ppi) : KnownArt::jpeg($ppi)));
        // cm² by formula: disc, ring and bar, triangle.
        $truth = [
            KnownArt::SAGE => \M_PI * 16 / 100,
            KnownArt::STRAW => (\M_PI * (81 - 16) + 33 * 2.5) / 100,
            KnownArt::RUST => 13 * 13 * 1.3 / 2 / 100,
        ];
        foreach ($truth as $hex => $cm2) {
            self::assertEqualsWithDelta($cm2, $plates[$hex]->area->cm2, 0.005 * $cm2, $hex);
        }
    }

    public function testNoPixelFallsToTwoPlatesAndNoneIsLeftUncovered(): void
    {
        $result = self::separate(KnownArt::blocks(40, 'ssrr', 'ssrr', 'ggrr', 'ggss'), KnownArt::GARMENT, 20.0);
        $colours = array_values(array_filter($result->plates, static fn (SeparatedPlate $p): bool => $p->role === PlateRole::Colour));
        $union = $colours[0]->plane;
        $sum = 0;
        foreach ($colours as $plate) {
            $union = $union->or($plate->plane);
            $sum += $plate->plane->count();
        }
        self::assertSame($union->width * $union->height, $union->count(), 'all of the picture is ink: no crack');
        self::assertSame($union->count(), $sum, 'each pixel on one plate only');
    }

    public function testTheBaseIsTheUnionChokedBySoManyMillimetres(): void
    {
        $result = self::separate(KnownArt::blocks(60, '......', '..ss..', '..rr..', '......'), KnownArt::GARMENT, 60.0, choke: 0.5);
        $base = $result->plates[0];
        self::assertSame(PlateRole::Base, $base->role);
        // The inks cover 20 × 20 mm; half a millimetre less at each side is 19 × 19 mm, to a film pixel.
        $px = 25.4 / 600;
        self::assertEqualsWithDelta(3.61, $base->area->cm2, 2 * 2 * 1.9 * $px / 10 * 2);
        $dpmm = 600 / 25.4;
        foreach ([[20.5, true], [20.5 - 2 * $px, false]] as [$x, $inside]) {
            self::assertSame($inside, $base->plane->isSet((int) (($x + $px) * $dpmm), (int) (20 * $dpmm)), "at $x mm");
        }
    }

    public function testALightGarmentGetsNoBase(): void
    {
        $result = self::separate(KnownArt::blocks(60, 'wwww', 'wrsw', 'wwww'), '#ffffff', 40.0);
        self::assertSame(
            [PlateRole::Colour, PlateRole::Colour],
            array_map(static fn (SeparatedPlate $p): PlateRole => $p->role, $result->plates),
        );
        self::assertSame(KnownArt::STRAW, $result->plates[0]->colour->hex(), 'light before dark');
    }

    public function testADarkInkOnADarkGarmentTakesNoBase(): void
    {
        $result = self::separate(KnownArt::blocks(60, '....', '.kw.', '....'), '#3a4a6a', 40.0);
        $base = $result->plates[0];
        self::assertSame(PlateRole::Base, $base->role);
        $middle = (int) ($base->plane->height / 2);
        $ofBlack = (int) ($base->plane->width * 0.375);
        self::assertFalse($base->plane->isSet($ofBlack, $middle), 'under the black there is no white');
        self::assertTrue($base->plane->isSet((int) ($base->plane->width * 0.625), $middle), 'under the white there is');
    }

    public function testStrayShadesAreOfferedAndMerged(): void
    {
        $art = KnownArt::blocks(60, '.....', '.sst.', '.srr.', '.....');
        $result = self::separate($art, KnownArt::GARMENT, 50.0);
        self::assertCount(1, $result->strays);
        self::assertSame('#efe1ae', $result->strays[0]->stray);
        self::assertSame(KnownArt::STRAW, $result->strays[0]->into);
        self::assertEqualsWithDelta(
            Ciede2000::between(Lab::of(Srgb::fromHex('#efe1ae')), Lab::of(Srgb::fromHex(KnownArt::STRAW))),
            $result->strays[0]->deltaE,
            0.01,
        );
        self::assertCount(4, $result->plates);

        $merged = SpotSeparation::of($art, new SpotRequest(50.0, Srgb::fromHex(KnownArt::GARMENT), new SpotPlan(colours: new ColourDecisions(merges: ['#efe1ae' => KnownArt::STRAW]))));
        self::assertCount(3, $merged->plates);
        $straw = self::byTruth($merged)[KnownArt::STRAW];
        self::assertEqualsWithDelta(4.0, $straw->area->cm2, 0.02, 'four blocks of a square centimetre');

        $byNumber = SpotSeparation::of($art, new SpotRequest(50.0, Srgb::fromHex(KnownArt::GARMENT), new SpotPlan(inks: 2)));
        self::assertCount(3, $byNumber->plates, 'two inks and the base');
    }

    public function testPaperRoundTheDrawingIsLeftOpenButNotInsideIt(): void
    {
        $art = KnownArt::blocks(40, 'wwwww', 'wrrrw', 'wrwrw', 'wrrrw', 'wwwww');
        $result = self::separate($art, '#1b2436', 50.0);
        self::assertTrue($result->groundLeftOpen);
        $white = self::byTruth($result)['#ffffff'];
        self::assertEqualsWithDelta(1.0, $white->area->cm2, 0.02, 'only the square inside prints white');

        $printed = SpotSeparation::of($art, new SpotRequest(50.0, Srgb::fromHex('#1b2436'), new SpotPlan(printGround: true)));
        self::assertEqualsWithDelta(17.0, self::byTruth($printed)['#ffffff']->area->cm2, 0.05);
    }

    public function testASmoothedEdgeThatPassesAThirdInkIsNoLineOfIt(): void
    {
        // Grey lies half way from black to white: the mixed pixels of their edge must not print grey.
        $rgb = '';
        for ($y = 0; $y < 60; ++$y) {
            for ($x = 0; $x < 120; ++$x) {
                $value = $y >= 40 ? 128 : ($x < 50 ? 0 : ($x === 50 ? 128 : 255));
                $rgb .= str_repeat(\chr($value), 3);
            }
        }
        $result = self::separate(new ArtRaster(120, 60, $rgb, false), '#c03030', 24.0);
        $grey = null;
        foreach ($result->plates as $plate) {
            $grey = $plate->colour->hex() === '#808080' ? $plate->plane : $grey;
        }
        self::assertNotNull($grey);
        $row = (int) ($grey->height * 0.3);
        for ($x = 0; $x < $grey->width; ++$x) {
            self::assertFalse($grey->isSet($x, $row), "a grey seam at film pixel $x");
        }
    }

    public function testAWhiteHairlineIsNotEaten(): void
    {
        $rgb = '';
        for ($y = 0; $y < 90; ++$y) {
            for ($x = 0; $x < 90; ++$x) {
                $rgb .= $y === 45 || ($x > 60 && $y > 50 && $y < 85) ? "\xff\xff\xff" : "\x1b\x24\x36";
            }
        }
        $result = self::separate(new ArtRaster(90, 90, $rgb, false), KnownArt::GARMENT, 15.24);
        $white = self::byTruth($result)['#ffffff']->plane;
        $y = (int) (45.5 / 90 * $white->height);
        for ($x = 0; $x < $white->width; ++$x) {
            self::assertTrue($white->isSet($x, $y), "the line breaks at $x");
        }
    }

    public function testLinesTooThinForTheirBaseAreSaid(): void
    {
        $line = static function (int $pixels): ArtRaster {
            $rgb = '';
            for ($y = 0; $y < 200; ++$y) {
                for ($x = 0; $x < 200; ++$x) {
                    $rgb .= ($x > 20 && $x < 90 && $y > 20 && $y < 180) || ($x > 120 && $x <= 120 + $pixels && $y > 20 && $y < 180) ? "\xf0\xe2\xb0" : "\x1b\x24\x36";
                }
            }

            return new ArtRaster(200, 200, $rgb, false);
        };
        // 200 pixels on 16.93 mm are 300 an inch: 4 pixels are 0.34 mm, 24 are 2 mm.
        $thin = self::separate($line(4), KnownArt::GARMENT, 16.93);
        self::assertStringContainsString('the whole choke of 0.25 mm would leave a stroke without its base', implode(' ', $thin->warnings));
        self::assertEqualsWithDelta(0.34, $thin->thinBase[0]->widthMm, 0.05);
        self::assertEqualsWithDelta(122.5 / 200 * 16.93, $thin->thinBase[0]->xMm, 0.2);
        $base = $thin->plates[0]->plane;
        self::assertTrue($base->isSet((int) (122.5 / 200 * $base->width), (int) ($base->height / 2)), 'and it keeps a base there');
        $bold = self::separate($line(24), KnownArt::GARMENT, 16.93);
        self::assertSame([], $bold->thinBase);
        self::assertStringNotContainsString('without its base', implode(' ', $bold->warnings));
    }

    /** @return iterable<string, array{ArtRaster, string, float, string}> */
    public static function unusable(): iterable
    {
        yield 'all is garment' => [
            KnownArt::blocks(20, '..', '..'),
            KnownArt::GARMENT,
            50.0,
            'Every colour of the picture is the garment’s own',
        ];
        yield 'too small' => [KnownArt::blocks(20, 'sr', 'rs'), KnownArt::GARMENT, 0.2, 'too small for a film'];
        yield 'too large' => [KnownArt::blocks(20, 'sr', 'rs'), KnownArt::GARMENT, 1900.0, 'larger than can be made'];
        $tonal = '';
        for ($i = 0; $i < 300 * 300; ++$i) {
            $tonal .= \chr(intdiv($i, 300) % 256).\chr(($i % 300) % 256).\chr(128);
        }
        yield 'a blend' => [new ArtRaster(300, 300, $tonal, false), KnownArt::GARMENT, 50.0, 'tonal'];
    }

    #[DataProvider('unusable')]
    public function testRefusesWhatCannotBePrinted(ArtRaster $art, string $garment, float $width, string $sentence): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage($sentence);
        self::separate($art, $garment, $width);
    }

    private static function separate(
        ArtRaster $art,
        string $garment = KnownArt::GARMENT,
        float $width = 40.0,
        float $choke = 0.25,
    ): SpotResult {
        return SpotSeparation::of($art, new SpotRequest($width, Srgb::fromHex($garment), new SpotPlan(chokeMm: $choke)));
    }

    /** @return array<string, SeparatedPlate> colour plates by the known colour that is nearest to theirs */
    private static function byTruth(SpotResult $result): array
    {
        $plates = [];
        foreach ($result->plates as $plate) {
            if ($plate->role === PlateRole::Base) {
                continue;
            }
            $nearest = $plate->colour->hex();
            foreach ([KnownArt::STRAW, KnownArt::RUST, KnownArt::SAGE] as $hex) {
                if (Ciede2000::between(Lab::of($plate->colour), Lab::of(Srgb::fromHex($hex))) < 1.5) {
                    $nearest = $hex;
                }
            }
            $plates[$nearest] = $plate;
        }

        return $plates;
    }

    /** The corners of the art: the triangle's three and the bar's four. */
    private static function nearCorner(float $x, float $y, float $within): bool
    {
        foreach ([[24, 6], [37, 6], [37, 22.9], [3, 25], [36, 25], [3, 27.5], [36, 27.5]] as [$cx, $cy]) {
            if (hypot($x - $cx, $y - $cy) < $within) {
                return true;
            }
        }

        return false;
    }
}
