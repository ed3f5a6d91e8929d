<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Separation\FinestLine;
use Ektype\Tests\Core\Raster\SpreadTest;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class FinestLineTest extends TestCase
{
    #[TestWith([0.22, 0.0])]
    #[TestWith([0.28, 30.0])]
    #[TestWith([0.45, 45.0])]
    #[TestWith([0.70, 70.0])]
    #[TestWith([1.10, 12.0])]
    public function testFindsTheWidthOfALineAtAnyAngle(float $mm, float $degrees): void
    {
        $found = FinestLine::of(self::line($mm, $degrees), 600);
        self::assertNotNull($found);
        self::assertGreaterThan($mm * 0.72, $found);
        self::assertLessThan($mm * 1.6, $found);
    }

    public function testABoldShapeWithCornersHasNoFineLine(): void
    {
        $grid = array_fill(0, 200, str_repeat('0', 200));
        for ($y = 40; $y < 160; ++$y) {
            $grid[$y] = str_repeat('0', 40).str_repeat('1', 120).str_repeat('0', 40);
        }
        self::assertNull(FinestLine::of(SpreadTest::plane($grid), 600));
        self::assertNull(FinestLine::of(BitPlane::blank(100, 100), 600), 'an empty plate has no line');
    }

    public function testHalvingKeepsWhereTwoOfFourPrint(): void
    {
        $plane = SpreadTest::plane(['110010', '000000', '111101', '110110', '100000']);
        $half = FinestLine::halved($plane);
        self::assertSame([3, 3], [$half->width, $half->height]);
        $rows = [];
        for ($y = 0; $y < 3; ++$y) {
            $rows[] = implode('', array_map(static fn (int $x): string => $half->isSet($x, $y) ? '1' : '0', [0, 1, 2]));
        }
        self::assertSame(['100', '111', '000'], $rows);
    }

    private static function line(float $mm, float $degrees): BitPlane
    {
        $size = 320;
        $half = $mm / 25.4 * 600 / 2;
        $grid = [];
        for ($y = 0; $y < $size; ++$y) {
            $row = '';
            for ($x = 0; $x < $size; ++$x) {
                $off = abs(($x - 160) * sin(deg2rad($degrees)) - ($y - 160) * cos(deg2rad($degrees)));
                $row .= $off <= $half && hypot($x - 160, $y - 160) < 140 ? '1' : '0';
            }
            $grid[] = $row;
        }

        return SpreadTest::plane($grid);
    }
}
