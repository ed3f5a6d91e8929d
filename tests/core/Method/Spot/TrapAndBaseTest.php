<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ChokedBase;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\PlateDraft;
use Ektype\Core\Method\Spot\RegisterBudget;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\SpotRequest;
use Ektype\Core\Method\Spot\SpotResult;
use Ektype\Core\Method\Spot\SpotSeparation;
use Ektype\Core\Method\Spot\Thickened;
use Ektype\Core\Method\Spot\Trap;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Tests\Core\Separation\DrawnPlane;
use Ektype\Tests\Core\Separation\KnownArt;
use PHPUnit\Framework\TestCase;

final class TrapAndBaseTest extends TestCase
{
    /** The lighter plate prints exactly where it did, and where the darker is within the trap: to a film pixel, by brute force. */
    public function testTheTrapReachesAsFarAsItSays(): void
    {
        $light = DrawnPlane::of(8, 8, 300, static fn (float $x, float $y): bool => hypot($x - 3, $y - 4) < 2.2);
        $dark = DrawnPlane::of(
            8,
            8,
            300,
            static fn (float $x, float $y): bool => hypot($x - 3, $y - 4) >= 2.2 && $x > 2.5 && $x < 7 && $y > 1 && $y < 7,
        );
        foreach ([1.0, 2.36, 3.54, 4.9] as $reach) {
            $spread = Trap::one(self::drafts($light, $dark), 0, $reach, 0);
            for ($y = 0; $y < $light->height; ++$y) {
                for ($x = 0; $x < $light->width; ++$x) {
                    $wanted = $light->isSet($x, $y) || ($dark->isSet($x, $y) && self::near($light, $x, $y, $reach + Spread::TO_THE_NEAREST));
                    if ($wanted !== $spread->isSet($x, $y)) {
                        self::fail("pixel $x, $y at a trap of $reach");
                    }
                }
            }
            self::assertSame($dark->bytes, Trap::one(self::drafts($light, $dark), 1, $reach, 0)->bytes, 'the darker plate keeps its edge');
        }
    }

    public function testUnderAPlateThatOverprintsNeighboursRunFurther(): void
    {
        $left = DrawnPlane::of(8, 4, 300, static fn (float $x): bool => $x > 1 && $x < 4);
        $right = DrawnPlane::of(8, 4, 300, static fn (float $x): bool => $x >= 4 && $x < 7);
        $plain = Trap::one(self::drafts($left, $right), 0, 2, 6)->count() - $left->count();
        $over = Trap::one(self::drafts($left, $right, overprints: true), 0, 2, 6)->count() - $left->count();
        self::assertSame(2 * $left->height, $plain);
        self::assertSame(6 * $left->height, $over);
    }

    public function testAHighlightLiesOnTopSoItsNeighboursSpreadUnderIt(): void
    {
        $rust = DrawnPlane::of(8, 4, 300, static fn (float $x): bool => $x > 1 && $x < 4);
        $white = DrawnPlane::of(8, 4, 300, static fn (float $x): bool => $x >= 4 && $x < 5);
        $drafts = [self::draft('#b5482f', $rust), self::draft('#ffffff', $white, PlateRole::Highlight)];
        self::assertGreaterThan($rust->count(), Trap::one($drafts, 0, 3, 3)->count());
        self::assertSame($white->bytes, Trap::one($drafts, 1, 3, 3)->bytes, 'the highlight does not grow over dark ink');
    }

    public function testTheRegisterBudgetIsTheTrapLessNothingButAPixel(): void
    {
        $light = DrawnPlane::of(20, 12, 600, static fn (float $x, float $y): bool => $x > 2 && $x < 10 && $y > 2 && $y < 10);
        $dark = DrawnPlane::of(20, 12, 600, static fn (float $x, float $y): bool => $x >= 10 && $x < 18 && $y > 2 && $y < 10);
        $apart = DrawnPlane::of(20, 12, 600, static fn (float $x, float $y): bool => $y >= 11);
        $drafts = [...self::drafts($light, $dark), self::draft('#8fb3a2', $apart)];
        foreach ([0.0, 0.1, 0.2, 0.3] as $mm) {
            $printed = [];
            foreach (array_keys($drafts) as $i) {
                $printed[] = Trap::one($drafts, $i, $mm / 25.4 * 600, 0);
            }
            $budget = RegisterBudget::of($drafts, $printed, 600);
            self::assertCount(1, $budget, 'plates that do not touch have no budget together');
            self::assertEqualsWithDelta($mm, $budget[0]->mm, 25.4 / 600);
            // The other way round: shift the dark plate by so much and look whether anything opens.
            $px = (int) round($budget[0]->mm / 25.4 * 600);
            self::assertFalse(self::opens($light, $dark, $printed[0], $px), "nothing opens at $px pixels");
            self::assertTrue(self::opens($light, $dark, $printed[0], $px + 2), 'but a little further it does');
        }
    }

    /** Wide shapes: the choke is the same as by brute force. */
    public function testTheBaseIsChokedToAFilmPixel(): void
    {
        $shape = DrawnPlane::of(
            9,
            9,
            300,
            static fn (float $x, float $y): bool => hypot($x - 4.5, $y - 4.5) < 3.6 && !($x > 4.4 && $y > 4.6),
        );
        $choke = 2.95;
        $base = ChokedBase::under($shape, $choke, 300);
        for ($y = 0; $y < $shape->height; ++$y) {
            for ($x = 0; $x < $shape->width; ++$x) {
                $wanted = $shape->isSet($x, $y) && !self::nearEmpty($shape, $x, $y, $choke + Spread::TO_THE_NEAREST);
                if ($wanted !== $base->whole->isSet($x, $y)) {
                    self::fail("pixel $x, $y");
                }
            }
        }
        self::assertSame($base->whole->bytes, $base->plane->bytes);
        self::assertSame([], $base->limited);
    }

    /** Choke and trap are what was asked, to half a film pixel, at every resolution: on straight edges, leaning ones and round ones. */
    public function testAChokeIsWhatWasAskedAtEveryResolution(): void
    {
        foreach ([150.0, 300.0, 600.0, 720.0] as $dpi) {
            $half = 0.5 * 25.4 / $dpi + 1e-6;
            foreach ([0.15, 0.2, 0.25, 0.3, 0.35] as $mm) {
                $pixels = $mm / 25.4 * $dpi;
                $band = DrawnPlane::of(6, 3, $dpi, static fn (float $x): bool => $x > 1 && $x < 5);
                $rows = (int) round(3 / 25.4 * $dpi);
                $ends = ChokedBase::under($band, $pixels, $dpi)->whole;
                $gone = static fn (BitPlane $p): int => array_sum(array_map(static fn (int $x): int => (int) $p->isSet($x, intdiv($rows, 2)), range(0, $p->width - 1)));
                self::assertEqualsWithDelta($mm, ($gone($band) - $gone($ends)) / 2 / $dpi * 25.4, $half, "upright edge, $mm mm at $dpi dpi");
                $disc = DrawnPlane::of(9, 9, $dpi, static fn (float $x, float $y): bool => hypot($x - 4.5, $y - 4.5) < 3.5);
                $choked = ChokedBase::under($disc, $pixels, $dpi)->whole;
                $radius = static fn (BitPlane $p): float => sqrt($p->count() / \M_PI) / $dpi * 25.4;
                self::assertEqualsWithDelta($mm, $radius($disc) - $radius($choked), $half, "all round, $mm mm at $dpi dpi");
                $lean = DrawnPlane::of(12, 12, $dpi, static fn (float $x, float $y): bool => abs($x * 0.5 + $y * sqrt(0.75) - 7.5) < 2.5 && hypot($x - 6, $y - 6) < 5.5);
                $thinner = ChokedBase::under($lean, $pixels, $dpi)->whole;
                $down = static fn (BitPlane $p): int => array_sum(array_map(static fn (int $y): int => (int) $p->isSet(intdiv($p->width, 2), $y), range(0, $p->height - 1)));
                self::assertEqualsWithDelta($mm, ($down($lean) - $down($thinner)) / 2 * sqrt(0.75) / $dpi * 25.4, 2 * $half, "leaning edge, $mm mm at $dpi dpi");
            }
        }
    }

    /** A wide shape beside a thin stroke, with a gap between them, is choked in full all round. */
    public function testAWideShapeNearAThinStrokeIsChokedInFull(): void
    {
        $wide = DrawnPlane::of(10, 8, 600, static fn (float $x, float $y): bool => $x > 1 && $x < 6 && $y > 1 && $y < 7);
        $both = $wide->or(DrawnPlane::of(10, 8, 600, static fn (float $x, float $y): bool => $x > 6.25 && $x < 6.5 && $y > 1 && $y < 7));
        $choke = 0.25 / 25.4 * 600;
        $alone = ChokedBase::under($wide, $choke, 600)->plane;
        $beside = ChokedBase::under($both, $choke, 600);
        self::assertNotSame([], $beside->limited, 'the stroke is listed');
        $here = DrawnPlane::of(10, 8, 600, static fn (float $x): bool => $x < 6.1);
        self::assertSame(bin2hex($alone->bytes), bin2hex($beside->plane->and($here)->bytes));
        self::assertGreaterThan($alone->count(), $beside->plane->count(), 'the stroke keeps a base of its own');
    }

    public function testThinStrokesKeepABaseChokedByAQuarterAtMostAndAreListed(): void
    {
        foreach ([0.2, 0.3, 0.4, 0.5] as $width) {
            $shape = DrawnPlane::of(
                30,
                16,
                600,
                static fn (
                    float $x,
                    float $y,
                ): bool => ($x > 2 && $x < 10 && $y > 2 && $y < 14) || (abs($x - 20) < $width / 2 && $y > 2 && $y < 14),
            );
            $base = ChokedBase::under($shape, 0.25 / 25.4 * 600, 600);
            $row = intdiv($base->plane->height, 2);
            $printed = 0;
            for ($x = (int) (15 / 25.4 * 600); $x < $shape->width; ++$x) {
                if ($base->plane->isSet($x, $row) && !$shape->isSet($x, $row)) {
                    self::fail('no base outside its stroke');
                }
                $printed += $base->plane->isSet($x, $row) ? 25.4 / 600 : 0;
            }
            self::assertGreaterThan($width / 2 - 0.05, $printed, "a quarter from each side at most, of $width mm");
            self::assertLessThanOrEqual($width + 0.043, $printed);
            self::assertNotSame([], $base->limited);
            foreach ($base->limited as $place) {
                self::assertEqualsWithDelta(20, $place->xMm, 0.6, 'only the thin stroke is listed');
                self::assertEqualsWithDelta($width, $place->widthMm, 0.05);
            }
        }
    }

    public function testThinLinesAreThickenedAndBoldOnesAreNot(): void
    {
        $plane = DrawnPlane::of(
            30,
            16,
            600,
            static fn (float $x, float $y): bool => ($x > 2 && $x < 10 && $y > 2 && $y < 14) || (abs($x - 20) < 0.1 && $y > 2 && $y < 14),
        );
        $thicker = Thickened::lines($plane, 0.4 / 25.4 * 600, 0.2 / 25.4 * 600);
        $row = intdiv($plane->height, 2);
        $widths = [0.0, 0.0];
        for ($x = 0; $x < $plane->width; ++$x) {
            $widths[$x < $plane->width / 2 ? 0 : 1] += $thicker->isSet($x, $row) ? 25.4 / 600 : 0;
        }
        self::assertEqualsWithDelta([8.0, 0.4], $widths, 0.09);
    }

    public function testTheDarkestInkOverprintsOnlyWhereThereIsATrap(): void
    {
        $art = KnownArt::blocks(60, '......', '.sskk.', '.ssrr.', '......');
        $butting = self::separate($art, 0.0);
        $trapped = self::separate($art, 0.2);
        $black = static fn (SpotResult $r): SeparatedPlate => array_values(
            array_filter($r->plates, static fn (SeparatedPlate $p): bool => $p->artColour?->hex() === '#101010'),
        )[0];
        self::assertTrue($black($trapped)->ink->overprints);
        self::assertSame($black($butting)->plane->bytes, $black($trapped)->plane->bytes);
        self::assertEqualsWithDelta(0.0, $butting->budgetMm, 1e-9, 'plates that butt have no budget');
        self::assertEqualsWithDelta(0.2, $trapped->budgetMm, 25.4 / 600);
        foreach ($trapped->plates as $plate) {
            self::assertGreaterThanOrEqual($plate->area->artCm2 - 1e-9, $plate->area->cm2);
        }
        self::assertCount(3, array_filter($trapped->budget, static fn (NeighbourBudget $p): bool => $p->mm > 0));
    }

    public function testAPrintedPlateServesAsTheBase(): void
    {
        $art = KnownArt::blocks(60, '......', '.sssr.', '.sssr.', '......');
        $result = SpotSeparation::of($art, new SpotRequest(60, Srgb::fromHex(KnownArt::GARMENT), new SpotPlan(chokeMm: 0.25, baseFrom: KnownArt::STRAW)));
        self::assertCount(2, $result->plates, 'no white of its own');
        $straw = $result->plates[0];
        self::assertSame(PlateRole::Base, $straw->role);
        self::assertSame(KnownArt::STRAW, $straw->colour->hex());
        $at = static fn (float $x, float $y): bool => $straw->plane->isSet((int) ($x / 25.4 * 600), (int) ($y / 25.4 * 600));
        self::assertTrue($at(10.1, 10.1), 'full size where it shows');
        self::assertTrue($at(45, 20), 'under the rust as well');
        self::assertFalse($at(49.9, 20), 'but choked at its outer edge');
        self::assertTrue($at(49.6, 20));
    }

    public function testTheGarmentsOwnDarkGetsNoBaseAndAHighlightIsAPlateOnDemand(): void
    {
        $art = KnownArt::blocks(60, '......', '.srww.', '.srww.', '......');
        $plain = self::separate($art, 0.0);
        self::assertNotSame(
            PlateRole::Highlight,
            $plain->plates[\count($plain->plates) - 1]->role,
            'a quarter of the picture is no highlight by itself',
        );
        $wanted = SpotSeparation::of(
            $art,
            new SpotRequest(60, Srgb::fromHex(KnownArt::GARMENT), new SpotPlan(colours: new ColourDecisions(highlights: ['#ffffff' => true], onBase: ['#ffffff' => false]))),
        );
        $last = $wanted->plates[\count($wanted->plates) - 1];
        self::assertSame([PlateRole::Highlight, '#ffffff'], [$last->role, $last->colour->hex()]);
        $base = $wanted->plates[0];
        self::assertFalse($base->plane->isSet((int) (40 / 25.4 * 600), (int) (20 / 25.4 * 600)), 'it was taken off the base');
    }

    public function testColoursPrintInTheInksOfThePaletteOnly(): void
    {
        $art = KnownArt::blocks(60, '......', '.strg.', '.strg.', '......');
        $inks = [new GivenInk('Cream', Srgb::fromHex('#efe3b4')), new GivenInk('Barn red', Srgb::fromHex('#b0482f'))];
        $result = SpotSeparation::of($art, new SpotRequest(60, Srgb::fromHex(KnownArt::GARMENT), palette: $inks));
        $names = array_map(static fn (SeparatedPlate $p): string => $p->name, $result->plates);
        self::assertSame(['Base white', 'Cream', 'Barn red'], $names);
        self::assertEqualsWithDelta(6.0, $result->plates[1]->area->artCm2, 0.05, 'both shades of straw and the sage, which is nearer to it');
        self::assertStringContainsString('prints in Cream', implode(' ', $result->warnings), 'the sage is far from it and that is said');
    }

    public function testALockedColourTakesItsInkAndLockedTogetherTheyShareAPlate(): void
    {
        $art = KnownArt::blocks(60, '......', '.srrg.', '......');
        $ink = new GivenInk('House red', Srgb::fromHex('#c02020'));
        $result = SpotSeparation::of(
            $art,
            new SpotRequest(60, Srgb::fromHex(KnownArt::GARMENT), locks: [KnownArt::RUST => $ink, KnownArt::SAGE => $ink]),
        );
        $red = array_values(array_filter($result->plates, static fn (SeparatedPlate $p): bool => $p->ink->name === 'House red'));
        self::assertCount(1, $red);
        self::assertSame('#c02020', $red[0]->colour->hex());
        self::assertEqualsWithDelta(3.0, $red[0]->area->artCm2, 0.02);
    }

    private static function separate(ArtRaster $art, float $trap): SpotResult
    {
        return SpotSeparation::of($art, new SpotRequest(60, Srgb::fromHex(KnownArt::GARMENT), trapMm: $trap));
    }

    /** @return list<PlateDraft> */
    private static function drafts(BitPlane $light, BitPlane $dark, bool $overprints = false): array
    {
        return [self::draft('#f0e2b0', $light), self::draft('#b5482f', $dark)->thatOverprints($overprints)];
    }

    private static function draft(string $hex, BitPlane $plane, PlateRole $role = PlateRole::Colour): PlateDraft
    {
        return new PlateDraft($role, Srgb::fromHex($hex), Srgb::fromHex($hex), $plane, $hex);
    }

    private static function near(BitPlane $plane, int $x, int $y, float $reach): bool
    {
        for ($dy = (int) -$reach; $dy <= $reach; ++$dy) {
            for ($dx = (int) -$reach; $dx <= $reach; ++$dx) {
                if ($dx * $dx + $dy * $dy <= $reach * $reach + 1e-9 && $x + $dx >= 0 && $y + $dy >= 0 && $x + $dx < $plane->width && $y + $dy < $plane->height && $plane->isSet($x + $dx, $y + $dy)) {
                    return true;
                }
            }
        }

        return false;
    }

    private static function nearEmpty(BitPlane $plane, int $x, int $y, float $reach): bool
    {
        for ($dy = (int) -$reach; $dy <= $reach; ++$dy) {
            for ($dx = (int) -$reach; $dx <= $reach; ++$dx) {
                if ($dx * $dx + $dy * $dy <= $reach * $reach + 1e-9 && ($x + $dx < 0 || $y + $dy < 0 || $x + $dx >= $plane->width || $y + $dy >= $plane->height || !$plane->isSet($x + $dx, $y + $dy))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** Whether shifting the dark plate to the right by so many pixels uncovers the seam. */
    private static function opens(BitPlane $light, BitPlane $dark, BitPlane $spread, int $px): bool
    {
        $row = intdiv($light->height, 2);
        for ($x = 0; $x < $light->width; ++$x) {
            $covered = $spread->isSet($x, $row) || ($x >= $px && $dark->isSet($x - $px, $row));
            // Between the two: the first pixel of the dark plate, not its far edge.
            if ($dark->isSet($x, $row) && $x < $light->width / 2 + 3 * $px && !$covered) {
                return true;
            }
        }

        return false;
    }
}
