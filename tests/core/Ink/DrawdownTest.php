<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Drawdown;
use Ektype\Core\Ink\UnreadableDrawdown;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Drawdowns of inks whose hiding is known, printed by the model on a card. */
final class DrawdownTest extends TestCase
{
    /** @return iterable<string, array{string, float}> */
    public static function inks(): iterable
    {
        yield 'an opaque white' => ['#f4f2ea', 0.95];
        yield 'a red' => ['#c42a24', 0.8];
        yield 'a thin yellow' => ['#f0d030', 0.5];
    }

    #[DataProvider('inks')]
    public function testHidingAndColourAreRead(string $hex, float $hiding): void
    {
        [$black, $white] = [Srgb::fromHex('#161616'), Srgb::fromHex('#f4f4f1')];
        $over = static fn (Srgb $card): Srgb => (new PrintedLayers())->over($card, [new LaidInk(Srgb::fromHex($hex), 1.0, $hiding)]);
        $read = Drawdown::of($over($black), $over($white), $black, $white);
        self::assertEqualsWithDelta($hiding, $read->hiding, 0.01);
        self::assertFalse($read->transparent);
        foreach ([$read->colour->red - Srgb::fromHex($hex)->red, $read->colour->green - Srgb::fromHex($hex)->green, $read->colour->blue - Srgb::fromHex($hex)->blue] as $off) {
            self::assertLessThanOrEqual(4, abs($off));
        }
    }

    public function testATransparentInkIsKnownByWhatShinesThrough(): void
    {
        [$black, $white] = [Srgb::fromHex('#161616'), Srgb::fromHex('#f4f4f1')];
        $cyan = Srgb::fromHex('#1593cf');
        $over = static fn (Srgb $card): Srgb => (new PrintedLayers())->over($card, [new LaidInk($cyan, 1.0, 0.0, true)]);
        $read = Drawdown::of($over($black), $over($white), $black, $white);
        self::assertTrue($read->transparent);
        foreach ([$read->colour->red - $cyan->red, $read->colour->green - $cyan->green, $read->colour->blue - $cyan->blue] as $off) {
            self::assertLessThanOrEqual(4, abs($off));
        }
        // A black ink is dark over both: it hides.
        self::assertFalse(Drawdown::of(Srgb::fromHex('#151515'), Srgb::fromHex('#1c1c1c'), $black, $white)->transparent);
    }

    public function testWhatTellsNothingIsSaid(): void
    {
        foreach ([['#808080', '#909090', '#777777', '#888888'], ['#f0f0f0', '#202020', '#161616', '#f4f4f1']] as [$ob, $ow, $b, $w]) {
            try {
                Drawdown::of(Srgb::fromHex($ob), Srgb::fromHex($ow), Srgb::fromHex($b), Srgb::fromHex($w));
                self::fail('It was read.');
            } catch (UnreadableDrawdown $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
    }
}
