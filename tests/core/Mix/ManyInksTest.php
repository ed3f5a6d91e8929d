<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\BlueNoise;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Method\Index\HeldSquares;
use Ektype\Core\Method\Index\IndexRequest;
use Ektype\Core\Method\Index\IndexSeparation;
use Ektype\Core\Method\Index\WetOnWet;
use Ektype\Core\Method\Simulated\SimulatedRequest;
use Ektype\Core\Mix\BaseWay;
use Ektype\Core\Mix\ChosenInks;
use Ektype\Core\Mix\Diffusion;
use Ektype\Core\Mix\FreeMix;
use Ektype\Core\Mix\HullPicture;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixLook;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Mix\MixRequest;
use Ektype\Core\Mix\MixTable;
use Ektype\Core\Mix\OrderSchool;
use Ektype\Core\Mix\OrderSearch;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Mix\PlateCurves;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonePlate;
use Ektype\Core\Tone\ToneWork;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** What is decided before many inks are separated: which, in what order, in which squares, under which limits. */
final class ManyInksTest extends TestCase
{
    private const CLOTH = '#101010';

    public function testBaseAndHighlightAreTheWhitesOfTheShelfAndCountAsScreens(): void
    {
        $picture = static fn (): PictureColours => PictureColours::of(self::sunset());
        $inks = MixInks::of(self::shelf(), Srgb::fromHex(self::CLOTH), $picture, new InkWish(screens: 5, highlight: true));
        self::assertSame('White', $inks->base?->name);
        self::assertSame('White highlight', $inks->highlight?->name);
        self::assertCount(3, $inks->colours);
        self::assertSame(5, $inks->screens());
        self::assertArrayNotHasKey(1, $inks->colours);
        $none = MixInks::of(self::shelf(), Srgb::fromHex('#f4f2ec'), $picture, new InkWish(screens: 3));
        self::assertNull($none->base, 'light cloth needs none');
        $grey = MixInks::of(self::shelf(), Srgb::fromHex(self::CLOTH), $picture, new InkWish(screens: 3, base: BaseWay::Grey));
        self::assertSame('Grey', $grey->base?->name);
        $named = MixInks::of(self::shelf(), Srgb::fromHex(self::CLOTH), $picture, new InkWish([5, 2]));
        self::assertSame([5, 2], array_keys($named->colours), 'as they were named');
        $few = MixInks::of(self::shelf(), Srgb::fromHex(self::CLOTH), $picture, new InkWish(screens: 9));
        self::assertNotSame([], $few->asked, 'more were asked for than there are');
    }

    public function testImpossibleWishesAreSaid(): void
    {
        $picture = static fn (): PictureColours => PictureColours::of(self::sunset());
        foreach ([[new InkWish(screens: 0), self::shelf()], [new InkWish(screens: 40), self::shelf()], [new InkWish([99]), self::shelf()], [new InkWish(), []]] as [$wish, $shelf]) {
            try {
                MixInks::of($shelf, Srgb::fromHex(self::CLOTH), $picture, $wish);
                self::fail('It was taken.');
            } catch (ImpossibleMix $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }

    /** All orders of four inks are tried by brute force: the one that is found is hardly worse than the best. */
    public function testTheOrderThatIsFoundIsNearTheBestOfAll(): void
    {
        $colours = array_intersect_key(self::shelf(), array_flip([2, 3, 4, 5]));
        $picture = PictureColours::of(self::sunset());
        $request = static fn (OrderSchool $order, array $inks): MixRequest => (new SimulatedRequest(100.0, Srgb::fromHex(self::CLOTH), array_values(array_filter($inks, static fn (mixed $i): bool => $i instanceof GivenInk)), self::shelf()[1], null, 600.0, dots: new PlannedDots(new Halftone(45.0)), order: $order))->mix();
        $tried = OrderSearch::of($colours, $picture, $request);
        $all = [];
        foreach (self::orders(array_values($colours)) as $order) {
            $mix = $request(OrderSchool::AsListed, $order);
            $all[] = FreeMix::off($mix->layered(), $picture, $mix->terms);
        }
        self::assertCount(24, $all);
        self::assertLessThan(min([\INF, ...$all]) + 0.1, $tried[0]->deltaE);
        self::assertGreaterThan($tried[0]->deltaE, max([0.0, ...$all]));
        foreach ($tried as $i => $one) {
            self::assertGreaterThanOrEqual($tried[max(0, $i - 1)]->deltaE, $one->deltaE, 'the nearest first');
            self::assertEqualsCanonicalizing([2, 3, 4, 5], $one->inks);
        }
    }

    public function testSchoolsOrderAsTheySay(): void
    {
        $inks = array_values(array_intersect_key(self::shelf(), array_flip([3, 2, 6])));
        $names = static fn (OrderSchool $school): array => array_map(static fn (GivenInk $i): string => $i->name, $school->of($inks));
        self::assertSame(['Yellow', 'Red', 'Navy'], $names(OrderSchool::LightToDark));
        self::assertSame(['Navy', 'Red', 'Yellow'], $names(OrderSchool::DarkToLight));
        self::assertSame(['Navy', 'Yellow', 'Red'], $names(OrderSchool::DarkFirst));
        $last = (new SimulatedRequest(100.0, Srgb::fromHex(self::CLOTH), $inks, null, self::shelf()[1], 600.0, dots: new PlannedDots(new Halftone(45.0)), order: OrderSchool::BlackLast))->mix();
        self::assertSame(['Yellow', 'Red', 'White', 'Navy'], array_map(static fn (array $p): string => $p[0]->name, $last->plates));
        self::assertSame(PlateRole::Highlight, $last->plates[2][1]);
        self::assertSame(max($last->terms->prices), $last->terms->prices[2], 'the highlight is the dear one');
    }

    /** Every rank once, and at each tone the nearest dots lie further apart than chance would lay them. */
    public function testTheMaskIsBlue(): void
    {
        $ranks = BlueNoise::ranks();
        self::assertSame(range(0, BlueNoise::SIDE ** 2 - 1), self::sorted($ranks));
        foreach ([0.05, 0.15] as $tone) {
            $dots = array_keys(array_filter($ranks, static fn (int $rank): bool => $rank < $tone * BlueNoise::SIDE ** 2));
            $sum = 0.0;
            foreach ($dots as $dot) {
                $near = \INF;
                foreach ($dots as $other) {
                    if ($other !== $dot) {
                        $dx = abs($dot % BlueNoise::SIDE - $other % BlueNoise::SIDE);
                        $dy = abs(intdiv($dot, BlueNoise::SIDE) - intdiv($other, BlueNoise::SIDE));
                        $near = min($near, hypot(min($dx, BlueNoise::SIDE - $dx), min($dy, BlueNoise::SIDE - $dy)));
                    }
                }
                $sum += $near;
            }
            // Dots thrown by chance have their next at half the root of the area of one.
            self::assertGreaterThan(1.5 * 0.5 / sqrt($tone), $sum / \count($dots));
        }
    }

    /** A flat colour of three inks: the squares of either way come to the same colour. */
    public function testSquaresByMaskAndByDiffusionMixTheSame(): void
    {
        $inks = array_values(array_intersect_key(self::shelf(), array_flip([2, 3, 5])));
        $gamut = new InkGamut(Srgb::fromHex(self::CLOTH), $inks, self::shelf()[1]);
        $wished = $gamut->colour([1 => 0.4, 2 => 0.3, 4 => 0.3]);
        $art = new ArtRaster(160, 160, str_repeat(\chr($wished->red).\chr($wished->green).\chr($wished->blue), 160 * 160), false);
        foreach (Diffusion::cases() as $way) {
            $squares = IndexSeparation::squares($art, new IndexRequest(20.32, Srgb::fromHex(self::CLOTH), $inks, self::shelf()[1], 600.0, 200.0, diffusion: $way));
            $shares = array_map(static fn (int $n): float => $n / \strlen($squares), count_chars($squares, 1));
            $print = $gamut->colour($shares);
            foreach ([$print->red - $wished->red, $print->green - $wished->green, $print->blue - $wished->blue] as $off) {
                self::assertLessThan(9, abs($off), $way->value);
            }
        }
    }

    public function testWetOnWetAStrongInkTakesOverAndExtenderIsNeverMoreThanAQuarter(): void
    {
        $inks = [new GivenInk('Straw', Srgb::fromHex('#f2e2b0')), new GivenInk('Navy', Srgb::fromHex('#1b2440'))];
        $request = new IndexRequest(20.0, Srgb::fromHex('#ffffff'), $inks, null, 600.0, 200.0);
        $checks = '';
        for ($i = 0; $i < 100 * 100; ++$i) {
            $checks .= \chr(1 + ($i + intdiv($i, 100)) % 2);
        }
        $wet = WetOnWet::of($checks, 100, $request);
        self::assertGreaterThan(2.0, $wet->shift);
        self::assertLessThan($wet->shift, $wet->with);
        [$straw, $navy] = $wet->inks;
        self::assertGreaterThan($straw->pull, $navy->pull, 'the dark one pulls');
        self::assertGreaterThan(0.0, $navy->extender);
        self::assertLessThanOrEqual(WetOnWet::MOST_EXTENDER + 1e-9, max($straw->extender, $navy->extender));
        self::assertStringContainsString('Navy', implode(' ', $wet->says()));
        // One ink alone has nothing to run into.
        self::assertSame(0.0, WetOnWet::of(str_repeat("\1", 10_000), 100, $request)->shift);
    }

    /** Figures of the trade: 160 on 90–48 and 216 on 120–34. */
    public function testSquaresThatAMeshHolds(): void
    {
        self::assertEqualsWithDelta(160.0, HeldSquares::on(new Mesh(90.0, 48.0))->dpi, 2.0);
        self::assertEqualsWithDelta(216.0, HeldSquares::on(new Mesh(120.0, 34.0))->dpi, 2.5);
    }

    /** What a mesh cannot hold becomes what it holds or nothing, whichever is nearer; the rest stays as it is. */
    public function testTonesAreHeldWithoutMovingTheOthers(): void
    {
        $held = new Tones(0.06, 0.9);
        foreach ([[0.0, 0.0], [0.02, 0.0], [0.04, 0.06], [0.06, 0.06], [0.5, 0.5], [0.9, 0.9], [0.92, 0.9], [0.97, 1.0], [1.0, 1.0]] as [$tone, $printed]) {
            self::assertEqualsWithDelta($printed, $held->hold($tone), 1e-9, "$tone");
        }
    }

    #[Group('long')]
    public function testANodeTableIsKeptAndGlancedAt(): void
    {
        $mix = (new SimulatedRequest(100.0, Srgb::fromHex(self::CLOTH), [self::shelf()[2], self::shelf()[3]], self::shelf()[1], null, 600.0, dots: new PlannedDots(new Halftone(45.0))))->mix();
        $table = $mix->table(MixTable::MIDDLE);
        $read = MixTable::read($table->written(), 3);
        self::assertSame(MixTable::MIDDLE, $read->side);
        self::assertEqualsWithDelta($table->nodes[1][2345], $read->nodes[1][2345], 1 / 500);
        $glance = MixTable::glance($table->written(), 3);
        self::assertSame(9, $glance->side);
        // Node (2, 3, 4) of nine is (4, 6, 8) of seventeen.
        self::assertEqualsWithDelta($read->nodes[2][4 + 17 * (6 + 17 * 8)], $glance->nodes[2][2 + 9 * (3 + 9 * 4)], 1e-9);
        $this->expectException(\UnexpectedValueException::class);
        MixTable::read('broken', 3);
    }

    /** Inks are taken as long as one more, or two more together, gain what a screen is worth. */
    public function testAsManyInksAreTakenAsAreWorthTheirScreens(): void
    {
        $counts = static function (float ...$means): array {
            $counts = [];
            foreach ($means as $mean) {
                $many = \count($counts) + 1;
                $counts[] = new ChosenInks(range(0, $many - 1), array_fill(0, $many, 0.0), $mean, 2 * $mean, 0.0, []);
            }

            return $counts;
        };
        self::assertCount(3, MixInks::worthIt($counts(9.0, 5.0, 3.0, 2.8, 2.7))->inks);
        self::assertCount(1, MixInks::worthIt($counts(3.0, 2.9, 2.8))->inks);
        self::assertCount(3, MixInks::worthIt($counts(5.0, 4.9, 3.0, 2.9))->inks, 'two more together gain much');
    }

    /** On its own garment what the cloth gives stays cloth; a print that is far off is hatched, one that is right is not. */
    public function testAGlanceShowsThePrintLeavesTheClothAndHatchesWhatIsMuddy(): void
    {
        $cloth = Srgb::fromHex(self::CLOTH);
        $pixel = static function (Srgb $colour, ?float $marked) use ($cloth): array {
            $art = ArtTones::of(new ArtRaster(28, 28, str_repeat(\chr($colour->red).\chr($colour->green).\chr($colour->blue), 784), false), 28, 28, 10.0, new ToneWork());
            $picture = HullPicture::of($art, new InkGamut($cloth, [self::shelf()[2]], self::shelf()[1]), $cloth, $marked);
            $picture->setImageDepth(8);
            $picture->setImageFormat('RGB');

            return array_count_values(array_map(bin2hex(...), str_split($picture->getImageBlob(), 3)));
        };
        self::assertSame([substr(self::CLOTH, 1)], array_map(strval(...), array_keys($pixel($cloth, 8.0))));
        self::assertCount(1, $pixel(new Srgb(0xC0, 0x28, 0x30), 8.0), 'a red that the ink has');
        $blue = $pixel(new Srgb(0x20, 0x50, 0xC0), 8.0);
        self::assertEqualsWithDelta(2 / 7, ($blue['ff2d9a'] ?? 0) / 784, 0.03, 'two of seven lines are marks');
        self::assertArrayNotHasKey('ff2d9a', $pixel(new Srgb(0x20, 0x50, 0xC0), null));
    }

    /** A plate’s own curve moves its middle and leaves its ends; the others stay as they were solved. */
    #[Group('long')]
    public function testAPlateIsBentByItself(): void
    {
        $curves = new PlateCurves(['Red' => 65.0]);
        self::assertEqualsWithDelta(0.65, $curves->at('Red', 0.5), 1e-9);
        self::assertSame([0.0, 1.0, 0.3], [$curves->at('Red', 0.0), $curves->at('Red', 1.0), $curves->at('Yellow', 0.3)]);
        for ($i = 1; $i <= 100; ++$i) {
            self::assertGreaterThan($curves->at('Red', ($i - 1) / 100), $curves->at('Red', $i / 100), 'it never turns back');
        }
        $rgb = str_repeat("\xb0\x50\x40", 120 * 120);
        $covers = static fn (PlateCurves $bent): array => array_map(
            static fn (TonePlate $p): float => $p->coveragePct(),
            MixPlates::of(new ArtRaster(120, 120, $rgb, false), (new SimulatedRequest(10.16, Srgb::fromHex(self::CLOTH), [self::shelf()[2], self::shelf()[3]], self::shelf()[1], null, 600.0, dots: new PlannedDots(new Halftone(45.0)), curves: $bent))->mix()),
        );
        [$straight, $bent] = [$covers(new PlateCurves()), $covers(new PlateCurves(['Red' => 65.0]))];
        self::assertEqualsWithDelta($straight[0], $bent[0], 0.01);
        self::assertEqualsWithDelta($straight[1], $bent[1], 0.01);
        self::assertGreaterThan($straight[2] + 4, $bent[2]);
        $this->expectException(ImpossibleMix::class);
        new PlateCurves(['Red' => 97.0]);
    }

    /** Red and yellow share an angle: on the films they overlap as chance has it, and what is seen is what the model foretold. */
    #[Group('long')]
    public function testPlatesAtOneAngleLieOverEachOtherAsTheModelTakesThem(): void
    {
        $request = (new SimulatedRequest(20.32, Srgb::fromHex(self::CLOTH), [self::shelf()[2], self::shelf()[3]], self::shelf()[1], null, 600.0, dots: new PlannedDots(new Halftone(45.0)), angles: PlateAngles::One))->mix();
        [, $first, $second] = MixPlates::of(new ArtRaster(240, 240, str_repeat("\xb0\x68\x30", 240 * 240), false), $request);
        self::assertEqualsWithDelta($first->dots->angleDeg, $second->dots->angleDeg, 1e-9);
        [$a, $b] = [$first->coveragePct() / 100, $second->coveragePct() / 100];
        self::assertGreaterThan(0.15, min($a, $b), 'both print');
        self::assertLessThan(0.85, max($a, $b));
        $common = $first->plane->and($second->plane)->count() / ($first->plane->width * $first->plane->height);
        self::assertEqualsWithDelta($a * $b, $common, 0.03);
        self::assertGreaterThan(0.08, min($a, $b) - $a * $b, 'middle on middle would be seen in this test');
    }

    /** A red square on a ground of the garment’s colour: the ground stays bare on every film, wherever that colour lies between the nodes of the cube. */
    #[TestWith(['#1b2436'])]
    #[TestWith(['#23489c'])]
    public function testNothingIsPrintedThatTheGarmentGives(string $hex): void
    {
        $cloth = Srgb::fromHex($hex);
        $ground = \chr($cloth->red).\chr($cloth->green).\chr($cloth->blue);
        $rgb = str_repeat(str_repeat($ground, 120).str_repeat("\xd0\x60\x40", 120), 240);
        $plates = MixPlates::of(new ArtRaster(240, 240, $rgb, false), (new SimulatedRequest(20.32, $cloth, [self::shelf()[2], self::shelf()[3], self::shelf()[5]], self::shelf()[1], null, 600.0, dots: new PlannedDots(new Halftone(45.0))))->mix());
        $covered = 0;
        foreach ($plates as $plate) {
            $bytes = intdiv($plate->plane->width, 16) - 1;
            for ($y = 0; $y < $plate->plane->height; ++$y) {
                self::assertSame('', trim(substr($plate->plane->row($y), 0, $bytes), "\0"), $plate->ink->name);
            }
            $covered += $plate->coveragePct();
        }
        self::assertGreaterThan(20.0, $covered, 'the square prints');
    }

    #[Group('long')]
    public function testWhatIsOddAboutInksIsSaidBeforeAScreenIsCoated(): void
    {
        $cloth = Srgb::fromHex(self::CLOTH);
        $of = static fn (string $rgb, GivenInk ...$inks): array => MixPlates::of(new ArtRaster(60, 60, str_repeat($rgb, 3600), false), (new SimulatedRequest(10.16, $cloth, array_values($inks), self::shelf()[1], null, 600.0, dots: new PlannedDots(new Halftone(45.0))))->mix());
        self::assertStringContainsString('only ink', implode(' ', MixLook::says($of("\xd0\x60\x40", self::shelf()[2]))));
        self::assertStringContainsString('are one colour', implode(' ', MixLook::says($of("\xd0\x60\x40", self::shelf()[2], new GivenInk('Red too', Srgb::fromHex('#c8202d'), 0.85)))));
        self::assertStringNotContainsString('one colour', implode(' ', MixLook::says($of("\xd0\x60\x40", self::shelf()[2], self::shelf()[3]))));
        $this->expectException(ImpossibleMix::class);
        $this->expectExceptionMessage('nothing would print');
        MixLook::says($of(\chr($cloth->red).\chr($cloth->green).\chr($cloth->blue), self::shelf()[2], self::shelf()[3]));
    }

    /** Edges of the picture are found once; a plate that is steep elsewhere is left to its dots. */
    public function testAPlateIsCutOnlyWhereThePictureHasAnEdge(): void
    {
        $row = str_repeat("\0", 40).str_repeat("\xff", 40);
        $sharp = new ToneRaster(80, 60, str_repeat($row, 60));
        $ramp = implode('', array_map(static fn (int $x): string => \chr((int) (255 * $x / 79)), range(0, 79)));
        $soft = new ToneRaster(80, 60, str_repeat($ramp, 60));
        self::assertNotSame([], (new HardEdges($sharp, 1, HardEdges::ofPicture([$soft, $sharp], 1)))->in(0, 60));
        self::assertSame([], (new HardEdges($sharp, 1, HardEdges::ofPicture([$soft], 1)))->in(0, 60));
    }

    /** @return array<int, GivenInk> by number */
    private static function shelf(): array
    {
        return [
            1 => new GivenInk('White', Srgb::fromHex('#f6f4ee'), 0.92),
            2 => new GivenInk('Red', Srgb::fromHex('#c8202c'), 0.85),
            3 => new GivenInk('Yellow', Srgb::fromHex('#f2d028'), 0.8),
            4 => new GivenInk('Green', Srgb::fromHex('#1f8a44'), 0.85),
            5 => new GivenInk('Blue', Srgb::fromHex('#2050a8'), 0.85),
            6 => new GivenInk('Navy', Srgb::fromHex('#1b2440'), 0.92),
            7 => new GivenInk('Grey', Srgb::fromHex('#949492'), 0.9),
        ];
    }

    private static function sunset(): ArtRaster
    {
        $colours = array_map(Srgb::fromHex(...), ['#20222a', '#3a2a30', '#7a2c30', '#b84a34', '#d88a40', '#e8c060', '#f0e0b0', '#8090a8', '#405880', '#283a60', '#585458', '#b0a8a0']);
        $rgb = implode('', array_map(static fn (Srgb $c): string => str_repeat(\chr($c->red).\chr($c->green).\chr($c->blue), 200), $colours));

        return new ArtRaster(200, \count($colours), $rgb, false);
    }

    /**
     * @param list<GivenInk> $inks
     *
     * @return iterable<list<GivenInk>>
     */
    private static function orders(array $inks): iterable
    {
        if ($inks === []) {
            yield [];

            return;
        }
        foreach ($inks as $i => $first) {
            $rest = $inks;
            unset($rest[$i]);
            foreach (self::orders(array_values($rest)) as $order) {
                yield [$first, ...$order];
            }
        }
    }

    /**
     * @param list<int> $ranks
     *
     * @return list<int>
     */
    private static function sorted(array $ranks): array
    {
        sort($ranks);

        return $ranks;
    }
}
