<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Film\WeakPlace;
use Ektype\Core\Separation\DrawnSheets;
use Ektype\Core\Separation\Positive;
use PHPUnit\Framework\TestCase;

final class DrawnSheetsTest extends TestCase
{
    public function testEachSheetSaysWhatKeepsItFromBeingAFilm(): void
    {
        self::assertSame([], DrawnSheets::says([]));
        $says = implode(' ', DrawnSheets::says([
            new Positive('a', 'Straw', '#eeddaa', null, 6, [new WeakPlace(30.4, 12.2, 4.0), new WeakPlace(1.0, 2.0, 0.5)]),
            new Positive('b', 'Rust', '#aa4422', null, 1, []),
            new Positive('c', 'Black', '#111111', null, 0, [new WeakPlace(5.0, 6.0, 1.0)]),
            new Positive('d', 'Sage', '#88aa99', null, 2, []),
        ]));
        self::assertStringContainsString('Straw has 2 weak spots: the largest 30 mm from the left and 12 mm from the top', $says);
        self::assertStringContainsString('Rust has one mark', $says);
        self::assertStringContainsString('Black has no marks', $says);
        self::assertStringContainsString('Black has 1 weak spot:', $says);
        self::assertStringNotContainsString('Sage has', $says);
        self::assertStringNotContainsString('Rust has 0', $says);
    }
}
