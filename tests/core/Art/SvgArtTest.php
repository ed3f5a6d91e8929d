<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Art;

use Ektype\Core\Art\PageSize;
use Ektype\Core\Art\SvgArt;
use Ektype\Core\Art\SvgText;
use Ektype\Core\Art\UnreadableArt;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a drawing must tell before films are made of it, and what it may not do. */
final class SvgArtTest extends TestCase
{
    /** Colours that have names are the colours, as a browser shows them; one that was never given is as its fallback says. */
    public function testNamedValuesAreFilledIn(): void
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'svg');
        file_put_contents($path, '<svg xmlns="http://www.w3.org/2000/svg"><style>:root{--house: #cc2229; --deep:var(--house);} .a{fill:var(--deep)}</style><path class="a"/><path fill="var(--none, rgb(1,2,3))"/><path style="--own:#00f;stroke:var( --own )"/><path fill="var(--nowhere)"/></svg>');
        try {
            $text = SvgText::of($path);
        } finally {
            unlink($path);
        }
        self::assertStringContainsString('.a{fill:#cc2229}', $text);
        self::assertStringContainsString('fill="rgb(1,2,3)"', $text);
        self::assertStringContainsString('stroke:#00f', $text);
        self::assertStringContainsString('fill="none"', $text);
    }

    #[DataProvider('outside')]
    public function testADrawingThatReachesOutsideItselfIsRefused(string $inside): void
    {
        $this->expectException(UnreadableArt::class);
        $this->expectExceptionMessage('reaches outside itself');
        SvgArt::size('<svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 10 10">'.$inside.'</svg>');
    }

    /** @return iterable<string, array{string}> */
    public static function outside(): iterable
    {
        yield 'a script' => ['<script>1</script>'];
        yield 'a page within' => ['<foreignObject width="1" height="1"/>'];
        yield 'a picture of the net' => ['<image href="https://example.org/a.png"/>'];
        yield 'a picture of this machine' => ['<image xlink:href="/etc/hostname"/>'];
        yield 'a file by its name' => ['<image href="file:///etc/hostname"/>'];
        yield 'a neighbour' => ['<use href="other.svg#a"/>'];
        yield 'a filter from elsewhere' => ['<rect filter="url(other.svg#f)"/>'];
        yield 'a fill from elsewhere, quoted' => ['<rect style="fill: url(\'//example.org/p\')"/>'];
        yield 'an imported style' => ['<style>@import "a.css";</style>'];
        yield 'a font of the net' => ['<style>@font-face { src: url(https://example.org/f.woff) }</style>'];
        yield 'another base' => ['<g xml:base="https://example.org/"/>'];
    }

    public function testEntitiesAndStyleSheetsBesideItAreRefused(): void
    {
        foreach ([
            '<!DOCTYPE svg [<!ENTITY a "b">]><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"/>',
            '<?xml-stylesheet href="a.css"?><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 9 9"/>',
        ] as $svg) {
            try {
                SvgArt::size($svg);
                self::fail($svg);
            } catch (UnreadableArt $refused) {
                self::assertStringContainsString('Embed what it links to', $refused->getMessage());
                self::assertSame('art', $refused->on);
            }
        }
    }

    #[DataProvider('inside')]
    public function testWhatLiesWithinItIsItsOwn(string $inside): void
    {
        self::assertEquals(new PageSize(10.0, 10.0), SvgArt::size('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10">'.$inside.'</svg>'));
    }

    /** @return iterable<string, array{string}> */
    public static function inside(): iterable
    {
        yield 'a gradient of its own' => ['<linearGradient id="g"/><rect fill="url(#g)"/>'];
        yield 'a picture within' => ['<image href="data:image/png;base64,AAAA"/>'];
        yield 'a part used again' => ['<use href="#a"/>'];
        yield 'a link that is only read' => ['<a href="https://example.org/"><rect/></a>'];
        yield 'a plain document type' => [''];
        yield 'a word like url' => ['<desc>curl (twice)</desc>'];
    }

    /** @param array{float, float} $size */
    #[DataProvider('sizes')]
    public function testItsShapeIsThatOfItsPage(string $attributes, array $size): void
    {
        self::assertEqualsWithDelta(new PageSize(...$size), SvgArt::size('<svg xmlns="http://www.w3.org/2000/svg" '.$attributes.'/>'), 1e-9);
    }

    /** @return iterable<string, array{string, array{float, float}}> */
    public static function sizes(): iterable
    {
        yield 'a view box' => ['viewBox="0 0 120 90"', [120.0, 90.0]];
        yield 'a view box with commas' => ['viewBox="0,0,120,90"', [120.0, 90.0]];
        yield 'a view box that begins elsewhere' => ['viewBox="-60 -45 120 90"', [120.0, 90.0]];
        yield 'units' => ['width="2in" height="1in"', [192.0, 96.0]];
        yield 'millimetres' => ['width="25.4mm" height="50.8mm"', [96.0, 192.0]];
        yield 'points' => ['width="72pt" height="36pt"', [96.0, 48.0]];
        yield 'fractions of a unit' => ['viewBox="0 0 1.5 1"', [1.5, 1.0]];
        yield 'a box smaller than a unit' => ['viewBox="0 0 0.2 0.3"', [0.2, 0.3]];
        yield 'only a width, in inches' => ['width="4in" viewBox="0 0 30 20"', [384.0, 256.0]];
        yield 'only a height, in millimetres' => ['height="25.4mm" viewBox="0 0 30 20"', [144.0, 96.0]];
        yield 'per cent of a page that is not here' => ['width="100%" height="100%" viewBox="0 0 30 20"', [30.0, 20.0]];
        yield 'per cent one way' => ['width="60" height="100%" viewBox="0 0 30 20"', [60.0, 40.0]];
        yield 'auto' => ['width="auto" height="auto" viewBox="0 0 30 20"', [30.0, 20.0]];
        yield 'sides that are not those of the box' => ['width="300" height="100" viewBox="0 0 30 20"', [300.0, 100.0]];
        yield 'picas, quarters and powers of ten' => ['width="2pc" height="4.0e1Q"', [32.0, 40 * 96 / 101.6]];
        yield 'plain numbers' => ['width="300" height="200"', [300.0, 200.0]];
    }

    #[DataProvider('broken')]
    public function testWhatHasNoShapeIsRefusedWithWhatToDo(string $svg, string $words): void
    {
        try {
            SvgArt::size($svg);
            self::fail('It was taken.');
        } catch (UnreadableArt $refused) {
            self::assertStringContainsString($words, $refused->getMessage());
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function broken(): iterable
    {
        yield 'no size at all' => ['<svg xmlns="http://www.w3.org/2000/svg"/>', 'Set the page size'];
        yield 'a view box of nothing' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 0 10"/>', 'Set the page size'];
        yield 'a negative height' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 -10"/>', 'Set the page size'];
        yield 'per cent and no box' => ['<svg xmlns="http://www.w3.org/2000/svg" width="100%" height="100%"/>', 'Set the page size'];
        yield 'broken off' => ['<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 10 10"><rect', 'breaks off or is damaged'];
        yield 'a page of text' => ['<html><body/></html>', 'not a picture that Ektype can read'];
    }
}
