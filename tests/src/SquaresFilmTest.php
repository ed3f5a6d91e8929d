<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Work\Chart\SquaresFilm;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Method\Index\IndexRequest;
use Ektype\Core\Separation\GivenInk;
use PHPUnit\Framework\TestCase;

/** One film an ink with the same picture in squares of several sizes. */
final class SquaresFilmTest extends TestCase
{
    public function testSizesAreThoseThatTheMeshesHoldAndUsualOnes(): void
    {
        $sizes = SquaresFilm::sizes([new Mesh(90.0, 48.0), new Mesh(120.0, 34.0), new Mesh(77.0, 48.0)]);
        // Two threads and an opening: 160 and 216 an inch by the trade's figures, to the ten below.
        self::assertContains(160.0, $sizes);
        self::assertContains(210.0, $sizes);
        self::assertCount(5, $sizes);
        self::assertSame([140.0, 160.0, 180.0, 200.0, 220.0], SquaresFilm::sizes([]));
    }

    public function testEachPatchHasItsOwnSquares(): void
    {
        $grey = new ArtRaster(300, 300, str_repeat("\x90\x90\x90", 300 * 300), false);
        $print = new IndexRequest(100.0, Srgb::fromHex('#f4f2ec'), [new GivenInk('Black', Srgb::fromHex('#161514'))], null, 600.0, 200.0);
        [$film] = SquaresFilm::of($grey, $print, [100.0, 200.0], 'Grey');
        self::assertStringContainsString('100, 200 an inch', $film->label);
        $changes = static function (int $from, int $to) use ($film): float {
            $n = 0;
            for ($y = 40; $y < 200; $y += 7) {
                for ($x = $from + 1; $x < $to; ++$x) {
                    $n += $film->plane->isSet($x, $y) === $film->plane->isSet($x - 1, $y) ? 0 : 1;
                }
            }

            return $n / (($to - $from) / 600) / 23;
        };
        $wide = (int) (45 / 25.4 * 600);
        // Twice the squares, twice the edges.
        self::assertEqualsWithDelta(2.0, $changes($wide + 150, 2 * $wide) / $changes(20, $wide - 20), 0.4);
    }
}
