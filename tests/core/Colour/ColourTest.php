<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Colour;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Unit\Refusal;
use PHPUnit\Framework\TestCase;

final class ColourTest extends TestCase
{
    /** Reference values of the sRGB primaries under D65, 2°. */
    public function testKnowsThePrimariesInLab(): void
    {
        foreach ([
            '#ffffff' => [100.0, 0.0, 0.0],
            '#ff0000' => [53.24, 80.09, 67.20],
            '#00ff00' => [87.73, -86.18, 83.18],
            '#0000ff' => [32.30, 79.19, -107.86],
            '#000000' => [0.0, 0.0, 0.0],
        ] as $hex => [$l, $a, $b]) {
            $lab = Lab::of(Srgb::fromHex($hex));
            self::assertEqualsWithDelta($l, $lab->l, 0.02, $hex);
            self::assertEqualsWithDelta($a, $lab->a, 0.02, $hex);
            self::assertEqualsWithDelta($b, $lab->b, 0.02, $hex);
        }
    }

    /** CIE 15: under Y = 216/24389 lightness is 24389/27 · Y, and so dark greys of sRGB are straight in Y = c / 255 / 12.92. */
    public function testTheDarkestGreysFollowTheStraightPart(): void
    {
        for ($c = 0; $c <= 10; ++$c) {
            $lab = Lab::of(new Srgb($c, $c, $c));
            self::assertEqualsWithDelta(24389 / 27 * $c / 255 / 12.92, $lab->l, 1e-4);
            self::assertEqualsWithDelta([0.0, 0.0], [$lab->a, $lab->b], 0.01);
        }
        // The two parts meet where CIE says: L* = 8, and rise on both sides of it.
        self::assertEqualsWithDelta(8.0, Lab::fromLinear(216 / 24389, 216 / 24389, 216 / 24389)->l, 1e-6);
        $before = -1.0;
        for ($i = 0; $i < 400; ++$i) {
            $l = Lab::fromLinear($i / 20000, $i / 20000, $i / 20000)->l;
            self::assertGreaterThan($before, $l);
            self::assertLessThan(0.1, $before < 0 ? 0.0 : $l - $before, 'no jump');
            $before = $l;
        }
    }

    public function testEveryChannelSurvivesLinearLight(): void
    {
        for ($c = 0; $c < 256; ++$c) {
            self::assertSame($c, Srgb::fromLinearChannel(Srgb::toLinear($c)));
        }
    }

    public function testRefusesWhatIsNoColour(): void
    {
        $this->expectException(Refusal::class);
        $this->expectExceptionMessage('“navy” is not a colour');
        Srgb::fromHex('navy');
    }

    public function testLayersHideInPrintOrder(): void
    {
        $layers = new PrintedLayers();
        $navy = Srgb::fromHex('#1b2440');
        $white = Srgb::fromHex('#ffffff');
        $red = Srgb::fromHex('#d02020');

        self::assertSame('#1b2440', $layers->over($navy, [])->hex(), 'bare cloth');
        self::assertSame('#d02020', $layers->over($navy, [new LaidInk($white, 1.0, 1.0), new LaidInk($red, 1.0, 1.0)])->hex(), 'a hiding ink shows itself');
        self::assertSame('#ffffff', $layers->over($navy, [new LaidInk($red, 1.0, 1.0), new LaidInk($white, 1.0, 1.0)])->hex(), 'the last lies on top');
        // Half coverage of white on black in the 1.7th root of light: 0.5^1.7 of full light.
        $half = $layers->over(Srgb::fromHex('#000000'), [new LaidInk($white, 0.5, 1.0)]);
        self::assertSame(Srgb::fromLinearChannel(0.5 ** 1.7), $half->red);
    }
}
