<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Choke and spread against a brute-force reference that measures every distance. */
final class SpreadTest extends TestCase
{
    /** @return iterable<array{int, int, float, int}> */
    public static function planes(): iterable
    {
        foreach ([[33, 21, 1.0], [40, 40, 2.0], [57, 30, 2.9], [64, 24, 5.9], [19, 50, 3.3], [100, 12, 7.2]] as $i => [$w, $h, $radius]) {
            yield [$w, $h, $radius, $i];
        }
    }

    #[DataProvider('planes')]
    public function testSpreadIsEuclidean(int $w, int $h, float $radius, int $seed): void
    {
        $plane = self::speckled($w, $h, $seed, 12);
        $got = Spread::by($plane, $radius);
        for ($y = 0; $y < $h; ++$y) {
            for ($x = 0; $x < $w; ++$x) {
                if ((self::nearest($plane, $x, $y, true) <= $radius) !== $got->isSet($x, $y)) {
                    self::fail("at $x, $y");
                }
            }
        }
        $this->addToAssertionCount(1);
    }

    #[DataProvider('planes')]
    public function testChokeIsEuclideanAndTheBorderCountsAsEmpty(int $w, int $h, float $radius, int $seed): void
    {
        $plane = self::blobs($w, $h, $seed);
        $got = Spread::choke($plane, $radius);
        self::assertGreaterThan(0, $plane->count());
        for ($y = 0; $y < $h; ++$y) {
            for ($x = 0; $x < $w; ++$x) {
                $border = min($x + 1, $y + 1, $w - $x, $h - $y);
                $expected = $plane->isSet($x, $y) && self::nearest($plane, $x, $y, false) > $radius && $border > $radius;
                if ($expected !== $got->isSet($x, $y)) {
                    self::fail("at $x, $y");
                }
            }
        }
    }

    /** A plane of many rows is worked on in parts: where they meet, an edge moves as anywhere else. */
    public function testNothingIsLostWherePartsOfAHighPlaneMeet(): void
    {
        $height = 40_000;
        $bytes = str_repeat("\0", 6 * $height);
        $random = new Randomizer(new Mt19937(5));
        $dots = [];
        for ($i = 0; $i < 900; ++$i) {
            [$x, $y] = [$random->getInt(0, 44), $random->getInt(0, $height - 1)];
            $at = 6 * $y + ($x >> 3);
            $bytes = substr_replace($bytes, \chr(\ord($bytes[$at]) | 0x80 >> ($x & 7)), $at, 1);
            $dots[] = [$x, $y];
        }
        $got = Spread::by(new BitPlane(45, $height, $bytes), 6.4);
        $want = [];
        foreach ($dots as [$x, $y]) {
            for ($dy = -6; $dy <= 6; ++$dy) {
                for ($dx = -6; $dx <= 6; ++$dx) {
                    if ($dx * $dx + $dy * $dy <= 6.4 ** 2 && $x + $dx >= 0 && $x + $dx < 45 && $y + $dy >= 0 && $y + $dy < $height) {
                        $want[45 * ($y + $dy) + $x + $dx] = true;
                    }
                }
            }
        }
        self::assertSame(\count($want), $got->count());
        foreach (array_keys($want) as $at) {
            if (!$got->isSet($at % 45, intdiv($at, 45))) {
                self::fail("at $at");
            }
        }
    }

    private static function nearest(BitPlane $plane, int $x, int $y, bool $printing): float
    {
        $least = \INF;
        for ($j = 0; $j < $plane->height; ++$j) {
            for ($i = 0; $i < $plane->width; ++$i) {
                if ($plane->isSet($i, $j) === $printing) {
                    $least = min($least, hypot($i - $x, $j - $y));
                }
            }
        }

        return $least;
    }

    private static function speckled(int $w, int $h, int $seed, int $dots): BitPlane
    {
        $random = new Randomizer(new Mt19937($seed));
        $grid = array_fill(0, $h, str_repeat('0', $w));
        for ($i = 0; $i < $dots; ++$i) {
            $row = $random->getInt(0, $h - 1);
            $grid[$row] = substr_replace($grid[$row], '1', $random->getInt(0, $w - 1), 1);
        }

        return self::plane($grid);
    }

    private static function blobs(int $w, int $h, int $seed): BitPlane
    {
        $random = new Randomizer(new Mt19937($seed + 100));
        $grid = array_fill(0, $h, str_repeat('1', $w));
        for ($i = 0; $i < 5; ++$i) {
            $row = $random->getInt(0, $h - 1);
            $grid[$row] = substr_replace($grid[$row], '0', $random->getInt(0, $w - 1), 1);
        }

        return self::plane($grid);
    }

    /** @param array<int, string> $grid rows of 0 and 1 */
    public static function plane(array $grid): BitPlane
    {
        $width = \strlen($grid[0]);
        $bytes = '';
        foreach ($grid as $row) {
            foreach (str_split(str_pad($row, (($width + 7) >> 3) * 8, '0'), 8) as $eight) {
                $bytes .= \chr((int) bindec($eight));
            }
        }

        return new BitPlane($width, \count($grid), $bytes);
    }
}
