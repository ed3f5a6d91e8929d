<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Simulated\SimulatedMethod;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Mix\HeldFlats;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\HeldFlat;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Tone\FlatColour;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

/** A logo beside a photograph: its areas on the films, against where they were drawn. */
final class HeldFlatsTest extends TestCase
{
    private const SIDE = 240;
    private const INKS = ['White' => '#f6f4ee', 'Red' => '#cc2229', 'Yellow' => '#f2cf1c', 'Royal' => '#23489c', 'Green' => '#1f8a44', 'Black' => '#161514'];
    private const BADGE = [206, 36, 44];

    #[Group('long')]
    #[TestWith(['#111111'])]
    #[TestWith(['#ffffff'])]
    public function testTheLogoIsSolidInItsOwnInkOnTheBaseAndInNoOther(string $cloth): void
    {
        $made = self::separated(self::art(true), $cloth, new SimulatedPlan());
        self::assertSame(['Red'], array_map(static fn (HeldFlat $flat): string => $flat->ink, $made->findings->flats));
        $plates = [];
        foreach ($made->plates as $plate) {
            $plates[$plate->name] = $plate->plane;
        }
        self::assertArrayHasKey('Red', $plates);
        self::assertSame($cloth === '#111111', isset($plates['White']));
        foreach ($plates as $name => $plane) {
            [$inside, $printed] = [0, 0];
            // Well inside the badge, a pixel of the art from its edge: film pixels are counted one by one.
            $pixels = $plane->width / self::SIDE;
            for ($y = (int) (81 * $pixels); $y < 159 * $pixels; ++$y) {
                $row = $plane->row($y);
                for ($x = (int) (81 * $pixels); $x < 159 * $pixels; ++$x) {
                    ++$inside;
                    $printed += \ord($row[$x >> 3]) >> (7 - ($x & 7)) & 1;
                }
            }
            self::assertSame($name === 'Red' || $name === 'White' ? $inside : 0, $printed, $name);
        }
    }

    /** Away from the badge the photograph prints as it does without it. */
    #[Group('long')]
    public function testThePhotographIsAsItIsWithoutTheLogo(): void
    {
        $plan = new SimulatedPlan(inks: new InkWish([2, 3, 4, 5]));
        [$with, $without] = [self::separated(self::art(true), '#111111', $plan), self::separated(self::art(false), '#111111', $plan)];
        foreach ($with->plates as $i => $plate) {
            $other = $without->plates[$i];
            self::assertSame($other->name, $plate->name);
            $rows = (int) (74 / self::SIDE * $plate->plane->height);
            [$printed, $plain] = [0, 0];
            for ($y = 0; $y < $rows; ++$y) {
                $printed += array_sum(array_map(static fn (int $b): int => substr_count(decbin($b), '1'), array_map(ord(...), str_split($plate->plane->row($y)))));
                $plain += array_sum(array_map(static fn (int $b): int => substr_count(decbin($b), '1'), array_map(ord(...), str_split($other->plane->row($y)))));
            }
            self::assertEqualsWithDelta($plain, $printed, 0.02 * $rows * $plate->plane->width, $plate->name);
        }
    }

    public function testAFlatColourPrintsInTheNearestThatThereIsOrInDots(): void
    {
        $inks = [2 => new GivenInk('Red', Srgb::fromHex('#cc2229')), 3 => new GivenInk('Yellow', Srgb::fromHex('#f2cf1c'))];
        $base = new GivenInk('White', Srgb::fromHex('#f6f4ee'));
        $found = array_map(static fn (string $hex): FlatColour => new FlatColour(Srgb::fromHex($hex), 0.1), ['#ce242c', '#ffffff', '#111111', '#1d9bd0']);
        $held = HeldFlats::of($found, $inks, $base, Srgb::fromHex('#111111'), null);
        self::assertSame([['Red', false, true], ['White', true, true], ['', false, true]], array_map(static fn (HeldFlat $f): array => [$f->ink, $f->onBase, $f->solid], \array_slice($held->all, 0, 3)));
        self::assertFalse($held->all[3]->solid, 'no blue is near');
        self::assertSame([2], $held->inks(), 'the base and the garment are no inks to choose');
        self::assertCount(1, $held->says());
        self::assertStringContainsString('#1d9bd0', $held->says()[0]);
        $wished = HeldFlats::of($found, $inks, $base, Srgb::fromHex('#111111'), ['#ffffff', '#f0d020']);
        self::assertSame(['#ffffff', '#f0d020'], array_map(static fn (HeldFlat $f): string => $f->hex, $wished->solid()), 'those that were asked for, and one that nobody found');
        self::assertSame([3], $wished->inks());
    }

    /** A second white that is hardly nearer is not worth a screen; one that is plainly nearer is. */
    public function testWhatCostsNoScreenIsTakenWhereAnInkIsHardlyNearer(): void
    {
        $white = [new FlatColour(Srgb::fromHex('#ffffff'), 0.1)];
        $inks = [7 => new GivenInk('Top white', Srgb::fromHex('#fcfbf9'))];
        $as = static fn (string $base): string => HeldFlats::of($white, $inks, new GivenInk('Base', Srgb::fromHex($base)), Srgb::fromHex('#111111'), null)->all[0]->ink;
        self::assertSame('Base', $as('#f6f4ee'), 'ΔE00 3.7 against 1.2');
        self::assertSame('Top white', $as('#e4e0d4'), 'a base that is plainly duller');
    }

    /** Three flat colours, and a press that has room for one beside the tones: the largest is solid, the others stay in dots. */
    public function testThePictureKeepsScreensOfItsOwn(): void
    {
        $inks = array_map(static fn (string $hex): GivenInk => new GivenInk($hex, Srgb::fromHex($hex)), [1 => '#cc2229', 2 => '#f2cf1c', 3 => '#23489c']);
        $found = array_map(static fn (string $hex): FlatColour => new FlatColour(Srgb::fromHex($hex), 0.1), ['#f2cf1c', '#cc2229', '#23489c']);
        self::assertSame([2], HeldFlats::of($found, $inks, null, Srgb::fromHex('#ffffff'), null, HeldFlats::room(3))->inks());
        self::assertSame([], HeldFlats::of($found, $inks, null, Srgb::fromHex('#ffffff'), null, HeldFlats::room(1))->inks());
        $made = self::separated(self::art(true), '#111111', new SimulatedPlan(inks: new InkWish(screens: 2)));
        self::assertCount(2, $made->plates, 'a base and one ink, and no refusal');
    }

    public function testAColourThatIsNoneIsRefusedWithWhatToGive(): void
    {
        $this->expectException(ImpossibleMix::class);
        $this->expectExceptionMessage('“red” is no colour of the art');
        new SimulatedPlan(flats: ['red']);
    }

    /** A plate is locked to the ink of the logo, whatever else the picture would have chosen. */
    public function testTheInkOfTheLogoIsAlwaysAmongThoseChosen(): void
    {
        $wish = (new InkWish(screens: 3, forbidden: [2]))->locking([2]);
        self::assertSame([[2], [], 3], [$wish->locked, $wish->forbidden, $wish->screens]);
        self::assertSame([4, 2], (new InkWish([4]))->locking([2])->inks);
        self::assertEquals(new InkWish([4]), (new InkWish([4]))->locking([]));
    }

    private static function separated(ArtRaster $art, string $cloth, SimulatedPlan $plan): Separated
    {
        $source = self::createStub(ArtSource::class);
        $source->method('raster')->willReturn($art);
        $inks = array_map(static fn (string $name, string $hex): GivenInk => new GivenInk($name, Srgb::fromHex($hex), 0.92), array_keys(self::INKS), array_values(self::INKS));

        return (new SimulatedMethod())->separate($plan, $source, new PrintWanted(20.32, Srgb::fromHex($cloth), 600.0, null, array_combine(range(1, \count($inks)), $inks)));
    }

    /** Leaves with grain, and a red badge from 80 to 160 each way. */
    private static function art(bool $badge): ArtRaster
    {
        $rgb = '';
        for ($y = 0; $y < self::SIDE; ++$y) {
            for ($x = 0; $x < self::SIDE; ++$x) {
                $light = 0.5 + 0.5 * sin($x / 19 + $y / 31);
                $grain = ($x * 7919 + $y * 104729) % 13 - 6;
                $is = $badge && $x >= 80 && $x < 160 && $y >= 80 && $y < 160;
                foreach ($is ? self::BADGE : [40 + 120 * $light + $grain, 90 + 110 * $light - $grain, 60 + 150 * (1 - $light) + $grain] as $code) {
                    $rgb .= \chr((int) max(0, min(255, round($code))));
                }
            }
        }

        return new ArtRaster(self::SIDE, self::SIDE, $rgb, false);
    }
}
