<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkChoice;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Mix\NearestInHull;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Separation\GivenInk;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Inks from a shelf for a picture of which it is known what prints it. */
final class InkChoiceTest extends TestCase
{
    private const CLOTH = '#15161a';

    /** The nearest point of a hull: no corner lies nearer in its direction (the condition that is enough), and it is such a mixture. */
    public function testTheNearestPointOfAHullIsTheNearest(): void
    {
        mt_srand(12);
        for ($try = 0; $try < 400; ++$try) {
            $corners = [];
            for ($i = 0, $many = mt_rand(1, 9); $i < $many; ++$i) {
                $corners[$i + 3] = [mt_rand(-100, 300) / 100, mt_rand(-200, 200) / 100, mt_rand(-50, 350) / 100];
            }
            [$far, $shares] = NearestInHull::of($corners);
            self::assertEqualsWithDelta(1.0, array_sum($shares), 1e-9);
            self::assertGreaterThanOrEqual(0.0, min([1.0, ...array_values($shares)]));
            self::assertLessThanOrEqual(4, \count($shares), 'few inks at any place');
            $x = array_map(static fn (int $c): float => array_sum(array_map(static fn (int $i, float $s): float => $s * $corners[$i][$c], array_keys($shares), $shares)), [0, 1, 2]);
            self::assertEqualsWithDelta($far, hypot(hypot($x[0], $x[1]), $x[2]), 1e-6);
            foreach ($corners as $corner) {
                self::assertGreaterThanOrEqual($far ** 2 - 1e-5, $x[0] * $corner[0] + $x[1] * $corner[1] + $x[2] * $corner[2]);
            }
        }
    }

    public function testAMixtureOfTheInksIsFoundAndPrintsAsItIs(): void
    {
        $gamut = new InkGamut(Srgb::fromHex(self::CLOTH), self::shelf());
        $model = new BesideEachOther(Srgb::fromHex(self::CLOTH), array_map(static fn (GivenInk $i): LaidInk => new LaidInk($i->colour, 1.0, $i->hiding), self::shelf()));
        mt_srand(4);
        for ($i = 0; $i < 60; ++$i) {
            $coverages = array_map(static fn (): float => mt_rand(0, 100) / 400, self::shelf());
            $wished = $model->colour($coverages);
            [$off, $shares] = $gamut->nearest($wished, range(1, \count(self::shelf())));
            self::assertLessThan(0.8, $off, 'what the inks can show is shown');
            self::assertEqualsWithDelta($off, Ciede2000::between(Lab::of($wished), Lab::of($gamut->colour($shares))), 0.4);
        }
    }

    /** @return iterable<string, array{int}> */
    public static function counts(): iterable
    {
        yield 'one ink' => [1];
        yield 'two' => [2];
        yield 'three' => [3];
    }

    /** All sets of so many inks, each colour searched on a grid of coverages: nothing of the choice is used. */
    #[DataProvider('counts')]
    public function testTheChoiceIsHardlyWorseThanTheBestOfAllSets(int $many): void
    {
        $colours = self::picture();
        $choice = (new InkChoice(PictureColours::of(self::art($colours)), Srgb::fromHex(self::CLOTH), self::shelf()))->upTo($many);
        self::assertCount($many, $choice);
        $chosen = $choice[$many - 1]->inks;
        self::assertCount($many, $chosen);
        $best = \INF;
        $its = null;
        $sorted = $chosen;
        sort($sorted);
        foreach (self::sets(\count(self::shelf()), $many) as $set) {
            $off = self::byGrid($colours, $set);
            $best = min($best, $off);
            $its = $set === $sorted ? $off : $its;
        }
        self::assertNotNull($its);
        self::assertLessThanOrEqual(1.05 * $best + 0.02, $its);
        // What is told of it is what the grid finds, as fine as that is.
        self::assertEqualsWithDelta($its, $choice[$many - 1]->mean, 0.35);
    }

    public function testMoreInksComeNearerAndEachIsWorthSomething(): void
    {
        $counts = (new InkChoice(PictureColours::of(self::art(self::picture())), Srgb::fromHex(self::CLOTH), self::shelf()))->upTo(5);
        self::assertSame([1, 2, 3, 4, 5], array_map(static fn ($c): int => \count($c->inks), $counts));
        foreach ($counts as $i => $chosen) {
            self::assertLessThanOrEqual($counts[max(0, $i - 1)]->mean + 0.02, $chosen->mean);
            self::assertGreaterThanOrEqual($chosen->mean, $chosen->p95);
            self::assertGreaterThan(-0.02, min([\INF, ...$chosen->worth]));
        }
        self::assertGreaterThan($counts[4]->muddyShare, $counts[0]->muddyShare);
    }

    /** The best single ink stands between the colours; of two it has to go again. */
    public function testAnInkThatWasChosenFirstIsExchanged(): void
    {
        $shelf = array_map(static fn (string $hex): GivenInk => new GivenInk($hex, Srgb::fromHex($hex), 1.0), ['#8da59e', '#30bd21', '#34f1fc', '#f2029c', '#245ae8', '#acb03b']);
        $art = self::art(array_map(Srgb::fromHex(...), ['#cab6f0', '#e45bf1', '#157138', '#68271d', '#a0b009']));
        $counts = (new InkChoice(PictureColours::of($art), Srgb::fromHex('#ffffff'), $shelf))->upTo(2);
        $two = $counts[1]->inks;
        sort($two);
        self::assertSame([[0], [1, 3]], [$counts[0]->inks, $two]);
    }

    /** What an ink is needed for are the colours that are lost without it. */
    public function testWhereAnInkIsNeededIsTold(): void
    {
        $art = self::art(array_map(Srgb::fromHex(...), ['#c02830', '#2850a0']));
        $two = (new InkChoice(PictureColours::of($art), Srgb::fromHex(self::CLOTH), [new GivenInk('red', Srgb::fromHex('#c02830')), new GivenInk('blue', Srgb::fromHex('#2850a0'))]))->upTo(2)[1];
        foreach ($two->inks as $i => $ink) {
            $needed = $two->where[$i][0] ?? null;
            self::assertNotNull($needed);
            self::assertSame($ink === 0, $needed->red > $needed->blue);
        }
    }

    public function testLockedInksStayAndForbiddenOnesAreNotTaken(): void
    {
        $picture = PictureColours::of(self::art(self::picture()));
        $free = (new InkChoice($picture, Srgb::fromHex(self::CLOTH), self::shelf()))->upTo(3)[2]->inks;
        $forbidden = $free[0];
        $other = (new InkChoice($picture, Srgb::fromHex(self::CLOTH), self::shelf(), [5], [$forbidden]))->upTo(3);
        foreach ($other as $chosen) {
            self::assertContains(5, $chosen->inks);
            self::assertNotContains($forbidden, $chosen->inks);
        }
    }

    public function testWhatCannotBeChosenIsSaid(): void
    {
        $picture = PictureColours::of(self::art(self::picture()));
        $cloth = Srgb::fromHex(self::CLOTH);
        foreach ([
            'none' => static fn (): array => (new InkChoice($picture, $cloth, self::shelf()))->upTo(0),
            'forty' => static fn (): array => (new InkChoice($picture, $cloth, self::shelf()))->upTo(40),
            'no shelf' => static fn (): array => (new InkChoice($picture, $cloth, []))->upTo(3),
            'too many locked' => static fn (): array => (new InkChoice($picture, $cloth, self::shelf(), [0, 1, 2]))->upTo(2),
        ] as $what => $ask) {
            try {
                $ask();
                self::fail("$what was not refused");
            } catch (ImpossibleMix $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
        // One ink, two equal ones: the second is worth nothing, and that is told.
        $red = new GivenInk('red', Srgb::fromHex('#c02030'));
        $counts = (new InkChoice($picture, $cloth, [$red, new GivenInk('red again', Srgb::fromHex('#c02030'))]))->upTo(8);
        self::assertCount(2, $counts);
        self::assertEqualsWithDelta($counts[0]->mean, $counts[1]->mean, 0.01);
        self::assertEqualsWithDelta(0.0, min([\INF, ...$counts[1]->worth]), 0.01);
    }

    /** @return list<GivenInk> */
    private static function shelf(): array
    {
        return [
            new GivenInk('white', Srgb::fromHex('#f6f4ee'), 0.92),
            new GivenInk('red', Srgb::fromHex('#c8202c'), 0.85),
            new GivenInk('yellow', Srgb::fromHex('#f2d028'), 0.8),
            new GivenInk('blue', Srgb::fromHex('#2050a8'), 0.85),
            new GivenInk('green', Srgb::fromHex('#1f8a44'), 0.85),
            new GivenInk('grey', Srgb::fromHex('#8a8a88'), 0.9),
        ];
    }

    /** @return list<Srgb> a sunset over water, in twelve colours */
    private static function picture(): array
    {
        return array_map(Srgb::fromHex(...), ['#20222a', '#3a2a30', '#7a2c30', '#b84a34', '#d88a40', '#e8c060', '#f0e0b0', '#8090a8', '#405880', '#283a60', '#585458', '#b0a8a0']);
    }

    /** @param list<Srgb> $colours */
    private static function art(array $colours): ArtRaster
    {
        $rgb = implode('', array_map(static fn (Srgb $c): string => str_repeat(\chr($c->red).\chr($c->green).\chr($c->blue), 200), $colours));

        return new ArtRaster(200, \count($colours), $rgb, false);
    }

    /** @return iterable<list<int>> */
    private static function sets(int $of, int $many, int $from = 0): iterable
    {
        if ($many === 0) {
            yield [];

            return;
        }
        for ($i = $from; $i < $of; ++$i) {
            foreach (self::sets($of, $many - 1, $i + 1) as $rest) {
                yield [$i, ...$rest];
            }
        }
    }

    /** @return iterable<list<int>> so many whole numbers, together no more than the steps */
    private static function coverages(int $many, int $steps): iterable
    {
        if ($many === 0) {
            yield [];

            return;
        }
        for ($s = 0; $s <= $steps; ++$s) {
            foreach (self::coverages($many - 1, $steps - $s) as $rest) {
                yield [$s, ...$rest];
            }
        }
    }

    /**
     * @param list<Srgb> $colours
     * @param list<int>  $set
     */
    private static function byGrid(array $colours, array $set): float
    {
        $model = new BesideEachOther(Srgb::fromHex(self::CLOTH), array_map(static fn (int $i): LaidInk => new LaidInk(self::shelf()[$i]->colour, 1.0, self::shelf()[$i]->hiding), $set));
        $steps = [1 => 100, 2 => 40, 3 => 20][\count($set)];
        $prints = [];
        foreach (self::coverages(\count($set), $steps) as $coverages) {
            $prints[] = $model->lab(array_map(static fn (int $s): float => $s / $steps, $coverages));
        }
        $sum = 0.0;
        foreach ($colours as $colour) {
            $wished = Lab::of($colour);
            $sum += min([\INF, ...array_map(static fn (Lab $print): float => Ciede2000::between($wished, $print), $prints)]);
        }

        return $sum / \count($colours);
    }
}
