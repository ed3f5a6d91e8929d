<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Colour;

use Ektype\Core\Colour\Lab;
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
        self::assertSame('#d02020', $layers->over($navy, [[$white, 1.0, 1.0], [$red, 1.0, 1.0]])->hex(), 'a hiding ink shows itself');
        self::assertSame('#ffffff', $layers->over($navy, [[$red, 1.0, 1.0], [$white, 1.0, 1.0]])->hex(), 'the last lies on top');
        // Half coverage of white on black in the 1.7th root of light: 0.5^1.7 of full light.
        $half = $layers->over(Srgb::fromHex('#000000'), [[$white, 0.5, 1.0]]);
        self::assertSame(Srgb::fromLinearChannel(0.5 ** 1.7), $half->red);
    }
}
