<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\ColourDecisions;
use Ektype\Core\Method\Spot\SpotMethod;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Method\Spot\Trap;
use Ektype\Core\Separation\ArtKind;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Separation\DrawnPlate;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Palette;
use Ektype\Core\Separation\PaletteColour;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Unit\Sign;
use Ektype\Tests\Core\Separation\Patches;
use PHPUnit\Framework\TestCase;

/** The spot method as the shop calls it: plan in, plates out. */
final class SpotMethodTest extends TestCase
{
    private const NAVY = '#1b2436';

    public function testAPlanIsCarriedToThePlates(): void
    {
        $plain = $this->separated(new SpotPlan());
        self::assertSame(['Base white', 'Straw', 'Rust'], self::names($plain));
        self::assertSame(['Base white', 'Straw'], self::names($this->separated(new SpotPlan(colours: (new ColourDecisions())->leftOpen('#b84a30')))));
        self::assertSame(['Base white', 'Rust'], self::names($this->separated(new SpotPlan(colours: (new ColourDecisions())->merged('#f0e2b0', '#b84a30')))));
        self::assertCount(2, $this->separated(new SpotPlan(1))->plates);
        $based = $this->separated((new SpotPlan())->withBaseFrom('#f0e2b0'));
        self::assertSame(['Straw', 'Rust'], self::names($based));
    }

    public function testALockTakesItsInkFromTheShelfAndOneThatIsGoneIsNoLock(): void
    {
        $shelf = [7 => new GivenInk('Harbour rust', Srgb::fromHex('#b84a30'))];
        $plan = (new SpotPlan())->locked('#b84a30', 7);
        self::assertContains('Harbour rust', self::names($this->separated($plan, $shelf)));
        self::assertContains('Rust', self::names($this->separated($plan, [])), 'the ink was taken off the shelf: the art’s own colour');
    }

    /** A trap of twice the press's scatter, never under a film pixel: 0.0423 mm at 600 dpi. */
    public function testTheTrapFollowsThePressAndNeverFallsUnderAFilmPixel(): void
    {
        $grown = fn (SpotPlan $plan, ?float $sigma, float $dpi): float => self::straw($this->separated($plan, [], $sigma, $dpi)) - self::straw($this->separated(new SpotPlan(trapMm: 0.0), [], $sigma, $dpi));
        $plan = new SpotPlan(colours: (new ColourDecisions())->overprinting('#b84a30', false));
        // The common edge is 30 mm long: growth in cm² is its 3 cm times the trap in cm.
        self::assertEqualsWithDelta(3 * 0.03, $grown($plan, 0.15, 600), 3 * 0.0045, 'twice 0.15 mm');
        self::assertEqualsWithDelta(3 * 0.02, $grown($plan, null, 600), 3 * 0.0045, 'nobody measured it: twice 0.1 mm');
        self::assertEqualsWithDelta(3 * 25.4 / 600 / 10, $grown($plan, 0.01, 600), 1e-4, 'one pixel of a film of 600 dpi');
        self::assertEqualsWithDelta(3 * 25.4 / 300 / 10, $grown(new SpotPlan(trapMm: 0.01), null, 300), 3 * 0.0045, 'one pixel of a film of 300 dpi');
    }

    /** More than 0.3 mm shows as a line: the figure turns red, whether the press or a hand set it. */
    public function testATrapThatShowsIsOutOfBounds(): void
    {
        self::assertSame(Sign::OutOfBounds, Trap::figure(null, 0.16, 'press')->sign);
        self::assertSame(Sign::OutOfBounds, Trap::figure(0.31, null, 'press')->sign);
        self::assertSame(Sign::Measured, Trap::figure(null, 0.15, 'press')->sign);
        self::assertSame(Sign::Reckoned, Trap::figure(0.3, 0.4, 'press')->sign);
        self::assertSame(['trade default', 0.2], [Trap::figure(null, null, 'press')->source, Trap::figure(null, null, 'press')->value]);
    }

    /** Plates drawn by hand stay as they were drawn: no trap is added to them. */
    public function testDrawnPlatesAreNotTrapped(): void
    {
        $method = new SpotMethod();
        $plan = (new SpotPlan())->drawn([]);
        self::assertSame([], $plan->positives);
        self::assertEquals(new SpotPlan(), $method->begin());
    }

    public function testWhatIsOfferedForAColourIsWhatCanBeDone(): void
    {
        $method = new SpotMethod();
        $plan = new SpotPlan();
        $prints = new FoundColour('#b84a30', 10, '#b84a30', false, '');
        self::assertNotContains(Decision::PrintAgain, $method->offers($plan, $prints));
        self::assertContains(Decision::Merge, $method->offers($plan, $prints));
        $open = new FoundColour('#b84a30', 10, '#b84a30', true, 'given to the garment');
        self::assertSame([Decision::PrintAgain], $method->offers($plan, $open), 'a colour that is left open can only print again');
        $merged = new FoundColour('#b84a30', 10, '#f0e2b0', false, '');
        self::assertSame(Decision::PrintAgain, $method->offers($plan, $merged)[0]);
        self::assertSame(Decision::PrintAgain, $method->offers($plan->decided($plan->colours->parted('#b84a30')), $prints)[0]);
        self::assertCount(\count(array_unique(array_map(static fn (Decision $d): string => $d->value, $method->offers($plan, $merged)))), $method->offers($plan, $merged));
    }

    /** @param array{float, bool, int, float} $picture flat share, noisy, inks, share of the picture inked */
    #[\PHPUnit\Framework\Attributes\DataProvider('kinds')]
    public function testTheKindOfArtDecidesTheMethodThatFits(array $picture, string $kind, string $words): void
    {
        [$flat, $noisy, $inks, $share] = $picture;
        $palette = new Palette([new PaletteColour(Srgb::fromHex('#b84a30'), 1.0)], $noisy, null, $flat);
        $found = ArtKind::of($palette, $inks, $share, 0.21);
        self::assertSame($kind, $found->kind);
        self::assertStringContainsString($words, $found->why);
    }

    /** @return iterable<string, array{array{float, bool, int, float}, string, string}> */
    public static function kinds(): iterable
    {
        yield 'a cartoon' => [[0.9, false, 5, 0.7], 'flat', '90 % of the picture lies in flat parts of 5 colours'];
        yield 'a photograph' => [[0.2, true, 9, 0.9], 'tonal', 'cut them into 9 patches'];
        yield 'just tonal' => [[0.39, true, 4, 0.9], 'tonal', 'Only 39 %'];
        yield 'just flat' => [[0.40, true, 4, 0.9], 'flat', '40 %'];
        yield 'many small parts, clean' => [[0.2, false, 9, 0.9], 'flat', '20 %'];
        yield 'a line drawing' => [[0.8, false, 1, 0.2], 'line', 'lines down to 0.21 mm'];
        yield 'one ink over most of it' => [[0.8, false, 1, 0.36], 'flat', '1 colour'];
        yield 'two thin inks' => [[0.8, false, 2, 0.1], 'flat', '2 colours'];
    }

    public function testALineDrawingWithoutThinLinesNamesNone(): void
    {
        $palette = new Palette([new PaletteColour(Srgb::fromHex('#b84a30'), 1.0)], false);
        self::assertStringNotContainsString('down to', ArtKind::of($palette, 1, 0.2, null)->why);
    }

    /** @param array<int, GivenInk> $shelf */
    private function separated(SpotPlan $plan, array $shelf = [], ?float $sigma = null, float $dpi = 300.0): Separated
    {
        $art = new class implements ArtSource {
            public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster
            {
                return Patches::on('#1b2436', 240, 160, [['#f0e2b0', 40, 20, 80, 120], ['#b84a30', 120, 20, 80, 120]]);
            }

            /** @return non-empty-list<DrawnPlate> */
            public function drawn(): array
            {
                throw new \LogicException('Nothing was drawn by hand.');
            }

            public function positives(): array
            {
                return [];
            }
        };

        return (new SpotMethod())->separate($plan, $art, new PrintWanted(60.0, Srgb::fromHex(self::NAVY), $dpi, $sigma, $shelf));
    }

    private static function straw(Separated $result): float
    {
        return array_sum(array_map(static fn (SeparatedPlate $p): float => $p->name === 'Straw' ? $p->area->cm2 : 0.0, $result->plates));
    }

    /** @return list<string> */
    private static function names(Separated $result): array
    {
        return array_map(static fn (SeparatedPlate $p): string => $p->name, $result->plates);
    }
}
