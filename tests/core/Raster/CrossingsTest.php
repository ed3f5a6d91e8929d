<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Crossings;
use Ektype\Core\Raster\DamagedPlane;
use Ektype\Core\Raster\PieceBrokeOff;
use Ektype\Core\Raster\PlaneDistance;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\Rescaled;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Raster\TiffFile;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class CrossingsTest extends TestCase
{
    public function testRowsAndColumnsChangeWhereTheirPixelsDo(): void
    {
        foreach ([[61, 40, 0.5], [64, 33, 0.1], [7, 90, 0.9], [130, 17, 0.02]] as [$width, $height, $share]) {
            $plane = self::scattered($width, $height, $share, $width);
            foreach ([1, 3] as $step) {
                $rows = Crossings::ofRows($plane, $step);
                foreach ($rows as $i => $row) {
                    self::assertSame(self::changes(static fn (int $x): bool => $plane->isSet($x, $i * $step), $width), $row);
                }
                $columns = Crossings::ofColumns($plane, $step);
                self::assertCount((int) ceil($width / $step), $columns);
                foreach ($columns as $i => $column) {
                    self::assertSame(self::changes(static fn (int $y): bool => $plane->isSet($i * $step, $y), $height), $column);
                }
            }
        }
    }

    public function testTheShortestWayBetweenTwoPlanesIsThatOfAllPairs(): void
    {
        for ($seed = 0; $seed < 40; ++$seed) {
            $one = self::scattered(50, 40, 0.004, $seed);
            $two = self::scattered(50, 40, 0.004, 1000 + $seed);
            $least = \INF;
            foreach (self::pixels($one) as [$ax, $ay]) {
                foreach (self::pixels($two) as [$bx, $by]) {
                    $least = min($least, hypot($ax - $bx, $ay - $by));
                }
            }
            $found = PlaneDistance::between($one, $two, 15);
            self::assertEqualsWithDelta($least <= 15 ? $least : \INF, $found, 1e-9, "planes of seed $seed");
        }
    }

    public function testAPlaneIsReadBackWholeOrByWindow(): void
    {
        $plane = self::scattered(150, 700, 0.3, 5);
        $file = PlaneFile::of($plane);
        self::assertSame($plane->bytes, PlaneFile::read($file)->bytes);
        $path = (string) tempnam(sys_get_temp_dir(), 'plane');
        file_put_contents($path, $file);
        foreach ([[0, 700], [0, 1], [250, 20], [511, 2], [690, 50], [900, 5]] as [$from, $count]) {
            $window = PlaneFile::window($path, $from, $count);
            self::assertSame(
                substr($plane->bytes, $from * $plane->stride, $count * $plane->stride),
                $window->bytes,
                "$count rows from $from",
            );
        }
        unlink($path);
        $this->expectException(DamagedPlane::class);
        PlaneFile::read(substr($file, 0, -40));
    }

    public function testPngAndTiffGiveThePlaneBackWithItsResolution(): void
    {
        $plane = self::scattered(149, 83, 0.4, 9);
        $png = PngFile::ofPlane($plane, 600);
        self::assertSame($plane->bytes, PngFile::plane($png)?->bytes);
        self::assertEqualsWithDelta([600.0, 600.0], PngFile::resolution($png), 0.01);
        [$read, $x, $y] = TiffFile::read(TiffFile::ofPlane($plane, 601.5, 598.25));
        self::assertSame($plane->bytes, $read->bytes);
        self::assertEqualsWithDelta([601.5, 598.25], [$x, $y], 1e-4);
    }

    public function testAForeignPngWithRowFiltersIsReadToo(): void
    {
        $plane = self::scattered(149, 83, 0.4, 9);
        $picture = new \Imagick();
        $picture->readImageBlob(PngFile::ofPlane($plane, 600));
        foreach (['0', '1', '2', '3', '4', '5'] as $filter) {
            $picture->setOption('png:compression-filter', $filter);
            $picture->setOption('png:bit-depth', '1');
            $picture->setOption('png:color-type', '0');
            $picture->setImageFormat('png');
            self::assertSame($plane->bytes, PngFile::plane($picture->getImageBlob())?->bytes, "filter $filter");
        }
    }

    public function testRescalingDropsOrRepeatsEvenly(): void
    {
        $plane = self::scattered(200, 100, 0.5, 3);
        $smaller = Rescaled::to($plane, 190, 95);
        for ($y = 0; $y < 95; ++$y) {
            for ($x = 0; $x < 190; ++$x) {
                self::assertSame($plane->isSet((int) (($x + 0.5) * 200 / 190), (int) (($y + 0.5) * 100 / 95)), $smaller->isSet($x, $y));
            }
        }
        self::assertSame(103, Rescaled::to($plane, 200, 103)->height);
    }

    public function testWorkSideBySideComesBackInOrder(): void
    {
        $pieces = array_map(static fn (int $n): \Closure => static fn (): BitPlane => self::scattered(40, 40, 0.1, $n), range(0, 6));
        $together = SideBySide::all($pieces);
        foreach (SideBySide::all($pieces, false) as $i => $alone) {
            self::assertSame($alone->bytes, $together[$i]->bytes);
        }
    }

    public function testAFaultInAPieceComesOutAsItIsWhoeverDidThePiece(): void
    {
        $broken = static function (): int {
            usleep(50_000);

            throw new \LogicException('broken');
        };
        $whole = static fn (): int => 1;
        foreach ([[$broken, $whole], [$whole, $broken], [$broken, $broken, $broken]] as $pieces) {
            self::assertSame('broken', self::faultOf(static fn (): mixed => SideBySide::all($pieces)));
        }
    }

    /** @param \Closure(): mixed $work */
    private static function faultOf(\Closure $work): string
    {
        try {
            $work();
        } catch (\LogicException $fault) {
            return $fault->getMessage();
        }

        return 'none';
    }

    public function testAPieceWhoseProcessIsKilledIsNotTakenForDone(): void
    {
        $here = getmypid();
        $piece = static function () use ($here): int {
            getmypid() === $here ? usleep(300_000) : posix_kill((int) getmypid(), \SIGKILL);

            return 1;
        };
        $this->expectException(PieceBrokeOff::class);
        SideBySide::all([$piece, $piece, $piece]);
    }

    /** A worker that is told to end minds that itself; a process that draws for it ends at once. */
    public function testAProcessThatIsToldToEndEndsWhateverItsParentWouldDo(): void
    {
        $here = getmypid();
        $told = 0;
        pcntl_async_signals(true);
        pcntl_signal(\SIGTERM, static function () use (&$told): void {
            ++$told;
        });
        $piece = static function () use ($here): int {
            getmypid() === $here ? usleep(300_000) : posix_kill((int) getmypid(), \SIGTERM);

            return 1;
        };
        try {
            $this->expectException(PieceBrokeOff::class);
            SideBySide::all([$piece, $piece, $piece]);
        } finally {
            pcntl_signal(\SIGTERM, \SIG_DFL);
            self::assertSame(0, $told);
        }
    }

    /** What cannot be handed over ends its process there and is no result; it never goes on in the child with its parent's work. */
    public function testAResultThatCannotBeHandedOverIsNoResult(): void
    {
        $here = getmypid();
        $piece = static function () use ($here): mixed {
            if (getmypid() === $here) {
                usleep(300_000);

                return 1;
            }

            return static fn (): int => 1;
        };
        $this->expectException(PieceBrokeOff::class);
        SideBySide::all([$piece, $piece, $piece]);
    }

    public static function scattered(int $width, int $height, float $share, int $seed): BitPlane
    {
        $random = new Randomizer(new Mt19937($seed));
        $rows = '';
        for ($y = 0; $y < $height; ++$y) {
            $row = str_repeat("\0", ($width + 7) >> 3);
            for ($x = 0; $x < $width; ++$x) {
                if ($random->getInt(0, 9999) < 10000 * $share) {
                    $row[$x >> 3] = \chr(\ord($row[$x >> 3]) | 0x80 >> ($x & 7));
                }
            }
            $rows .= $row;
        }

        return new BitPlane($width, $height, $rows);
    }

    /**
     * @param callable(int): bool $isSet
     *
     * @return list<int>
     */
    private static function changes(callable $isSet, int $length): array
    {
        $changes = [];
        for ($i = 0; $i <= $length; ++$i) {
            if (($i < $length && $isSet($i)) !== ($i > 0 && $isSet($i - 1))) {
                $changes[] = $i;
            }
        }

        return $changes;
    }

    /** @return list<array{int, int}> */
    private static function pixels(BitPlane $plane): array
    {
        $pixels = [];
        for ($y = 0; $y < $plane->height; ++$y) {
            for ($x = 0; $x < $plane->width; ++$x) {
                if ($plane->isSet($x, $y)) {
                    $pixels[] = [$x, $y];
                }
            }
        }

        return $pixels;
    }
}
