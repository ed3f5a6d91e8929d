<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Ink;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;
use PHPUnit\Framework\TestCase;

final class ColourNameTest extends TestCase
{
    public function testNamesAreThoseOfTheNearestColour(): void
    {
        foreach (['#fefefe' => 'White', '#0a0a0a' => 'Black', '#b64b32' => 'Rust', '#1b2440' => 'Navy'] as $hex => $name) {
            self::assertSame($name, ColourName::of(Srgb::fromHex($hex)));
        }
    }

    public function testTwoOfOneNameAreNumbered(): void
    {
        self::assertSame(['Rust 1', 'Straw', 'Rust 2'], ColourName::toldApart(['Rust', 'Straw', 'Rust']));
    }
}
