<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\Nearly;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;

final class NearlyTest extends TestCase
{
    /** Each place is the one whose middle is nearest, worked out place by place. */
    #[TestWith([50, 40, 50, 40])]
    #[TestWith([50, 40, 53, 41])]
    #[TestWith([50, 40, 47, 38])]
    #[TestWith([50, 40, 50, 42])]
    #[TestWith([3, 2, 9, 8])]
    public function testPlacesAreTheNearest(int $width, int $height, int $toWidth, int $toHeight): void
    {
        mt_srand(3);
        $bytes = implode('', array_map(static fn (): string => \chr(mt_rand(0, 255)), range(1, $width * $height)));
        $expected = '';
        for ($y = 0; $y < $toHeight; ++$y) {
            for ($x = 0; $x < $toWidth; ++$x) {
                $expected .= $bytes[(int) (($y + 0.5) * $height / $toHeight) * $width + (int) (($x + 0.5) * $width / $toWidth)];
            }
        }
        self::assertSame($expected, Nearly::sized($bytes, $width, $height, $toWidth, $toHeight));
    }
}
