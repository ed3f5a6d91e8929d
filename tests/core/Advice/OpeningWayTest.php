<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Advice;

use Ektype\Core\Advice\OpeningWay;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\PrintWanted;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The way a picture opens in, against what a printer with this shelf and press would take; each line says why. */
final class OpeningWayTest extends TestCase
{
    private const OPAQUE = ['White' => '#f6f4ee', 'Black' => '#16150f', 'Red' => '#c8202c', 'Yellow' => '#f8d21a', 'Blue' => '#1c48a8', 'Green' => '#1f8a46'];
    private const FOUR = ['Process yellow' => '#ffe21c', 'Process magenta' => '#d0147f', 'Process cyan' => '#0a93d2', 'Process black' => '#2a2927'];
    private const GREYS = ['White' => '#f6f4ee', 'Black' => '#16150f'];

    /**
     * @param list<string> $shelf
     * @param int|null     $screens that are asked for
     */
    #[DataProvider('pictures')]
    public function testAPictureOpensAsAPrinterWouldTakeIt(string $picture, string $garment, array $shelf, ?int $heads, string $way, ?int $screens, string $why): void
    {
        $opened = OpeningWay::of(self::picture($picture), self::print($garment, $shelf), $heads);
        self::assertSame($way, $opened->method->value, $why);
        self::assertSame($screens, $opened->screens, $why);
    }

    /** @return iterable<string, array{string, string, list<string>, int|null, string, int|null, string}> */
    public static function pictures(): iterable
    {
        $all = ['OPAQUE', 'FOUR'];
        yield 'garden on black' => ['garden', '#111111', $all, null, 'simulated', null, 'opaque inks show on dark cloth'];
        yield 'garden on white' => ['garden', '#ffffff', $all, null, 'process', null, 'four inks show every colour on white'];
        yield 'garden on white without the four' => ['garden', '#ffffff', ['OPAQUE'], null, 'simulated', null, 'transparent inks are not there'];
        yield 'garden on white, three heads' => ['garden', '#ffffff', $all, 3, 'simulated', 3, 'four plates find no place'];
        yield 'garden on black, four heads' => ['garden', '#111111', $all, 4, 'simulated', 4, 'a base and three colours, no more'];
        yield 'garden on black, one head' => ['garden', '#111111', $all, 1, 'one ink', null, 'one screen is no colour print'];
        yield 'garden, black and white ink' => ['garden', '#111111', ['GREYS'], null, 'two-tone', null, 'the shelf has no colour'];
        yield 'garden, black and white ink, white cloth' => ['garden', '#ffffff', ['GREYS'], null, 'two-tone', null, 'the shelf has no colour'];
        yield 'grey portrait on black' => ['grey', '#111111', $all, null, 'two-tone', null, 'light and dark are all it has'];
        yield 'grey portrait on white' => ['grey', '#ffffff', $all, null, 'two-tone', null, 'light and dark are all it has'];
        yield 'grey portrait, one ink' => ['grey', '#ffffff', ['FOUR'], null, 'one ink', null, 'no opaque light ink beside the dark one'];
        yield 'garden with a red badge on white' => ['badge', '#ffffff', $all, null, 'simulated', null, 'a badge of the red on the shelf prints solid, which four process inks cannot'];
        yield 'garden with a badge that no ink has' => ['badge', '#ffffff', ['GREYS', 'FOUR'], null, 'process', null, 'no ink prints it solid'];
        yield 'grey with a tint of the scanner' => ['tinted', '#ffffff', $all, null, 'two-tone', null, 'a cast of two units is no colour'];
    }

    public function testWhatTheShelfCannotShowIsSaidWithTheInkThatIsMissed(): void
    {
        $missing = OpeningWay::of(self::picture('garden'), self::print('#111111', ['GREYS']), null)->missing;
        self::assertMatchesRegularExpression('/An opaque ink near #[0-9a-f]{6} is missed most/', $missing);
        self::assertStringContainsString('a press with more heads', OpeningWay::of(self::picture('garden'), self::print('#111111', ['OPAQUE']), 1)->missing);
        self::assertSame('', OpeningWay::of(self::picture('grey'), self::print('#111111', ['GREYS']), null)->missing, 'nothing is missed of a grey picture');
    }

    /** @param list<string> $shelf */
    private static function print(string $garment, array $shelf): PrintWanted
    {
        $inks = [];
        foreach (array_merge(...array_map(static fn (string $of): array => match ($of) {
            'FOUR' => self::FOUR,
            'GREYS' => self::GREYS,
            default => self::OPAQUE,
        }, $shelf)) as $name => $hex) {
            $inks[\count($inks) + 1] = new GivenInk($name, Srgb::fromHex($hex), transparent: isset(self::FOUR[$name]));
        }

        return new PrintWanted(300.0, Srgb::fromHex($garment), 600.0, null, $inks);
    }

    /** Leaves in the sun under a sky, with red and yellow flowers; or a ball of grey. */
    private static function picture(string $which): ArtRaster
    {
        $rgb = '';
        for ($y = 0; $y < 90; ++$y) {
            for ($x = 0; $x < 120; ++$x) {
                $light = 0.5 + 0.5 * sin($x / 17 + $y / 23);
                [$r, $g, $b] = match (true) {
                    $which === 'grey' => [235 * $light, 235 * $light, 235 * $light],
                    $which === 'tinted' => [6 + 225 * $light, 4 + 225 * $light, 2 + 225 * $light],
                    $which === 'badge' && abs($x - 60) < 20 && abs($y - 40) < 12 => [200, 32, 44],
                    $y < 30 => [90 + 100 * $light, 140 + 90 * $light, 220 + 30 * $light],
                    hypot($x - 40, $y - 60) < 14 => [120 + 110 * $light, 20 + 30 * $light, 30],
                    hypot($x - 85, $y - 65) < 12 => [180 + 70 * $light, 150 + 60 * $light, 10],
                    default => [30 + 60 * $light, 60 + 110 * $light, 20 + 30 * $light],
                };
                $rgb .= \chr((int) $r).\chr((int) $g).\chr((int) $b);
            }
        }

        return new ArtRaster(120, 90, $rgb, false);
    }
}
