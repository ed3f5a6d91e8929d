<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\Palette;
use Ektype\Core\Separation\PaletteColour;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;

final class PaletteTest extends TestCase
{
    public function testMixedPixelsOfSmoothedEdgesAreNoColours(): void
    {
        foreach ([150.0, 300.0] as $ppi) {
            $found = array_map(
                static fn (PaletteColour $c): string => $c->colour->hex(),
                PaletteFinder::find(KnownArt::drawn($ppi))->colours,
            );
            sort($found);
            $truth = [KnownArt::GARMENT, KnownArt::RUST, KnownArt::SAGE, KnownArt::STRAW];
            sort($truth);
            self::assertSame($truth, $found);
        }
    }

    /** A JPEG, and a PNG that was once one, give the four colours that were drawn, within what the eye can tell. */
    #[Group('long')]
    public function testCompressionAddsNoColours(): void
    {
        foreach ([true, false] as $flagged) {
            foreach ([150.0, 300.0] as $ppi) {
                $found = PaletteFinder::find(KnownArt::jpeg($ppi, $flagged))->colours;
                self::assertCount(4, $found);
                foreach ([KnownArt::GARMENT, KnownArt::RUST, KnownArt::SAGE, KnownArt::STRAW] as $hex) {
                    $lab = Lab::of(Srgb::fromHex($hex));
                    self::assertLessThan(
                        1.5,
                        min(array_map(static fn (PaletteColour $c): float => Ciede2000::between($c->lab, $lab), $found)),
                        $hex,
                    );
                }
            }
        }
    }

    public function testSharesAreThoseOfThePicture(): void
    {
        $palette = PaletteFinder::find(KnownArt::blocks(50, 'ss.r', 'ss.r', '....', 'gg..'));
        $shares = [];
        foreach ($palette->colours as $colour) {
            $shares[$colour->colour->hex()] = $colour->share;
        }
        self::assertEqualsWithDelta(4 / 16, $shares[KnownArt::STRAW], 0.02);
        self::assertEqualsWithDelta(2 / 16, $shares[KnownArt::RUST], 0.02);
    }

    public function testReducingMergesWhatIsNearestAndSmallestFirst(): void
    {
        $palette = self::palette(['#f0e2b0' => 0.4, '#b84a30' => 0.3, '#efe1ae' => 0.02, '#1b2436' => 0.28]);
        $three = $palette->reducedTo(3, []);
        self::assertSame([0, 1, 0, 3], $three->printsAs, 'the stray joins its larger neighbour');
        self::assertEqualsWithDelta(0.42, $three->share(0), 1e-12);
        self::assertSame([0, 1, 0, 3], $palette->reducedTo(2, [3])->printsAs, 'what is left open counts for no ink');
        self::assertSame([0, 3], $palette->reducedTo(1, [3])->leaders(), 'one ink and the open cloth');
    }

    public function testStraysAreListedClosestFirstAndTheSmallerIsTheStray(): void
    {
        $strays = self::palette(['#f0e2b0' => 0.4, '#efe1ae' => 0.5, '#eedfa8' => 0.1, '#1b2436' => 0.3])->strays();
        self::assertSame([0, 1], [$strays[0]->stray, $strays[0]->into]);
        self::assertLessThanOrEqual($strays[1]->deltaE, $strays[0]->deltaE);
        foreach ($strays as $stray) {
            self::assertLessThan(Palette::STRAY_DELTA_E, $stray->deltaE);
        }
    }

    public function testAMergeOfWhatIsNotThereIsRefused(): void
    {
        $this->expectException(Refusal::class);
        self::palette(['#f0e2b0' => 1.0])->merged(3, 0);
    }

    /** @param array<string, float> $shares */
    private static function palette(array $shares): Palette
    {
        $colours = [];
        foreach ($shares as $hex => $share) {
            $colours[] = new PaletteColour(Srgb::fromHex($hex), $share);
        }

        return new Palette($colours, false);
    }
}
