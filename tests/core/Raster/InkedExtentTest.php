<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\InkedExtent;
use PHPUnit\Framework\TestCase;

final class InkedExtentTest extends TestCase
{
    public function testTheBoxHoldsTheInkOfAllPlatesAndNoMore(): void
    {
        $extent = InkedExtent::of([self::map([[2, 1]]), self::map([[6, 3], [4, 2]])]);
        self::assertNotNull($extent);
        self::assertSame([2, 1, 5, 3], [$extent->left, $extent->top, $extent->width, $extent->height]);
    }

    public function testOneSquareInTheLastCornerIsFound(): void
    {
        $extent = InkedExtent::of([self::map([[7, 4]])]);
        self::assertNotNull($extent);
        self::assertSame([7, 4, 1, 1], [$extent->left, $extent->top, $extent->width, $extent->height]);
    }

    public function testWhereNothingPrintsThereIsNone(): void
    {
        self::assertNull(InkedExtent::of([self::map([])]));
        self::assertNull(InkedExtent::of([]));
    }

    /** @param list<array{int, int}> $inked x and y of squares, of 8 × 5 */
    private static function map(array $inked): CoverageMap
    {
        $bytes = str_repeat("\0", 40);
        foreach ($inked as [$x, $y]) {
            $bytes[$y * 8 + $x] = "\x03";
        }

        return new CoverageMap(8, 5, 8, $bytes);
    }
}
