<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Halftone;

use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\ToneRaster;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A disc and a line of known geometry in a soft picture: how many film pixels lie on the wrong side of their edges. */
final class HardEdgesTest extends TestCase
{
    /** Places of the tones; the film has two pixels to each. */
    private const SIDE = 240;
    private const CENTRE = 117.3;
    private const RADIUS = 64.7;

    public function testTheEdgeOfASolidDiscIsThatOfTheDisc(): void
    {
        $tones = self::disc(255, static fn (int $x, int $y): float => 60 + $x / 8 + 6 * sin($y / 9));
        $cut = self::film($tones, new HardEdges($tones));
        $plain = self::film($tones);
        // Within the solid nothing is open, up to half a film pixel (a quarter of a place) from its edge.
        self::assertSame(0, self::open($cut, self::RADIUS - 0.3));
        self::assertGreaterThan(40, self::open($plain, self::RADIUS - 0.3), 'without the cut, dots eat into the edge');
        // Outside, more than half a film pixel away, only the dots of the ground print: as many as of the ground alone.
        $ground = self::film(self::soft(static fn (int $x, int $y): float => 60 + $x / 8 + 6 * sin($y / 9)));
        $more = static fn (BitPlane $film): int => abs(self::ring($film, self::RADIUS + 0.3, self::RADIUS + 2) - self::ring($ground, self::RADIUS + 0.3, self::RADIUS + 2));
        self::assertLessThan(30, $more($cut));
        self::assertGreaterThan(3 * $more($cut), $more($plain));
    }

    public function testAnOpenDiscInATonePrintsNothing(): void
    {
        $tones = self::disc(0, static fn (int $x, int $y): float => 200 - $y / 8);
        $cut = self::film($tones, new HardEdges($tones));
        self::assertLessThan(6, self::ring($cut, 0, self::RADIUS - 0.3));
        self::assertGreaterThan(50, self::ring(self::film($tones), 0, self::RADIUS - 0.3));
    }

    /** A stroke of two places, 0.17 mm at 300 an inch, leans by one in seven: its width is right to a third of a film pixel. */
    public function testAThinLineKeepsItsWidth(): void
    {
        $far = static fn (float $x, float $y): float => abs(($y - 20 - $x / 7) / hypot(1, 1 / 7));
        $tones = self::sampled(static fn (float $x, float $y): float => $far($x, $y) < 1 ? 255 : 90);
        $cut = self::film($tones, new HardEdges($tones));
        $set = 0;
        foreach (range(40, 439) as $x) {
            foreach (range(0, 2 * self::SIDE - 1) as $y) {
                $set += $far(($x + 0.5) / 2, ($y + 0.5) / 2) < 1 && $cut->isSet($x, $y) ? 1 : 0;
            }
        }
        // Two places are four film pixels, measured along y a little more.
        self::assertEqualsWithDelta(4.0 * hypot(1, 1 / 7), $set / 400, 0.33);
    }

    /** @return iterable<string, array{ToneRaster}> */
    public static function softPictures(): iterable
    {
        yield 'a ramp' => [self::soft(static fn (int $x): float => $x * 255 / self::SIDE)];
        mt_srand(5);
        yield 'grain' => [self::soft(static fn (): float => 128 + mt_rand(-35, 35))];
        yield 'a soft edge, ten places wide' => [self::soft(static fn (int $x): float => 127 + 120 * tanh(($x - 120) / 7))];
        mt_srand(6);
        yield 'foliage' => [self::soft(static fn (): float => mt_rand(0, 255))];
    }

    #[DataProvider('softPictures')]
    public function testSoftPicturesAreLeftToTheDots(ToneRaster $tones): void
    {
        $found = (new HardEdges($tones))->in(0, self::SIDE);
        self::assertLessThan(0.01 * self::SIDE ** 2, array_sum(array_map(\count(...), $found)));
        if ($found === []) {
            self::assertSame(self::film($tones)->bytes, self::film($tones, new HardEdges($tones))->bytes);
        }
    }

    public function testPiecesOfTheFilmAreCutAsTheWhole(): void
    {
        $tones = self::disc(255, static fn (): float => 70);
        $edges = new HardEdges($tones);
        $whole = $edges->in(0, self::SIDE);
        $pieces = [];
        for ($from = 0; $from < self::SIDE; $from += 50) {
            $pieces += $edges->in($from, min(self::SIDE, $from + 50));
        }
        self::assertNotSame([], $whole);
        self::assertSame($whole, $pieces);
    }

    /** A picture of half as many places as the tones: its edges are looked for twice as far apart. */
    public function testACoarsePictureHasItsEdgesCutToo(): void
    {
        $fine = self::sampled(static fn (float $x, float $y): float => hypot($x - self::CENTRE, $y - self::CENTRE) < self::RADIUS ? 255 : 70, 2);
        self::assertSame(2, HardEdges::reach(120, self::SIDE));
        $cut = self::film($fine, new HardEdges($fine, 2));
        self::assertLessThan(15, self::open($cut, self::RADIUS - 0.6));
        self::assertGreaterThan(60, self::open(self::film($fine), self::RADIUS - 0.6));
    }

    private static function film(ToneRaster $tones, ?HardEdges $edges = null): BitPlane
    {
        return Screening::with(Supercell::for(600, 45, 22.5), Dot::Round, 2 * self::SIDE)->film($tones, 2, 2 * self::SIDE, $edges);
    }

    /** @param \Closure(int, int): float $ground */
    private static function disc(int $inside, \Closure $ground): ToneRaster
    {
        return self::sampled(static fn (float $x, float $y): float => hypot($x - self::CENTRE, $y - self::CENTRE) < self::RADIUS ? $inside : $ground((int) $x, (int) $y));
    }

    /** @param \Closure(int, int): float $tone */
    private static function soft(\Closure $tone): ToneRaster
    {
        $bytes = '';
        for ($y = 0; $y < self::SIDE; ++$y) {
            for ($x = 0; $x < self::SIDE; ++$x) {
                $bytes .= \chr((int) round(max(0, min(255, $tone($x, $y)))));
            }
        }

        return new ToneRaster(self::SIDE, self::SIDE, $bytes);
    }

    /**
     * Each place the mean of what it covers, as pictures are smoothed.
     *
     * @param \Closure(float, float): float $tone
     */
    private static function sampled(\Closure $tone, int $places = 1): ToneRaster
    {
        return self::soft(static function (int $x, int $y) use ($tone, $places): float {
            [$left, $top] = [$x - $x % $places, $y - $y % $places];
            $sum = 0.0;
            for ($j = 0; $j < 6; ++$j) {
                for ($i = 0; $i < 6; ++$i) {
                    $sum += $tone($left + ($i + 0.5) / 6 * $places, $top + ($j + 0.5) / 6 * $places);
                }
            }

            return $sum / 36;
        });
    }

    /** Film pixels inside a circle that are open. */
    private static function open(BitPlane $film, float $within): int
    {
        return self::counted($film, 0, $within, false);
    }

    private static function ring(BitPlane $film, float $from, float $to): int
    {
        return self::counted($film, $from, $to, true);
    }

    private static function counted(BitPlane $film, float $from, float $to, bool $set): int
    {
        $count = 0;
        for ($y = 0; $y < $film->height; ++$y) {
            for ($x = 0; $x < $film->width; ++$x) {
                $r = hypot(($x + 0.5) / 2 - self::CENTRE, ($y + 0.5) / 2 - self::CENTRE);
                $count += $r >= $from && $r < $to && $film->isSet($x, $y) === $set ? 1 : 0;
            }
        }

        return $count;
    }
}
