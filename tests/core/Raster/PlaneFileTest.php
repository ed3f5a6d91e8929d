<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\DamagedPlane;
use Ektype\Core\Raster\PlaneFile;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A plate that is kept comes back as it was, or not at all: half a plate is never burned. */
final class PlaneFileTest extends TestCase
{
    private string $path = '';

    protected function setUp(): void
    {
        $this->path = (string) tempnam(sys_get_temp_dir(), 'plane');
    }

    protected function tearDown(): void
    {
        unlink($this->path);
    }

    #[DataProvider('sizes')]
    public function testEveryWindowIsThatPartOfThePlane(int $width, int $height): void
    {
        $plane = self::noise($width, $height);
        file_put_contents($this->path, PlaneFile::of($plane));
        $stride = ($width + 7) >> 3;
        foreach ([[0, 1], [0, $height], [intdiv($height, 2), 1], [$height - 1, 1], [intdiv($height, 3), intdiv($height, 3)]] as [$from, $count]) {
            $part = PlaneFile::window($this->path, $from, max(1, $count));
            self::assertSame([$width, max(1, $count)], [$part->width, $part->height]);
            self::assertSame(substr($plane->bytes, $from * $stride, max(1, $count) * $stride), $part->bytes, "rows from $from, $count");
        }
    }

    /** @return iterable<string, array{int, int}> */
    public static function sizes(): iterable
    {
        yield 'a width of whole bytes' => [64, 30];
        yield 'a width that ends within a byte' => [61, 33];
        yield 'a single column' => [1, 9];
        yield 'a tall one, in many pieces' => [900, 2100];
    }

    /** Whatever is missing from its end, it is refused. */
    public function testACutFileIsRefusedWhereverItIsCut(): void
    {
        $whole = PlaneFile::of(self::noise(200, 120));
        $steps = max(1, intdiv(\strlen($whole), 60));
        for ($left = 0; $left < \strlen($whole); $left += $steps) {
            try {
                PlaneFile::read(substr($whole, 0, $left));
                self::fail("$left of ".\strlen($whole).' bytes were taken for a plane.');
            } catch (DamagedPlane $refused) {
                self::assertNotSame('', $refused->getMessage());
            }
        }
        self::assertSame(200, PlaneFile::read($whole)->width);
    }

    public function testAWindowEndsWhereThePlaneDoes(): void
    {
        $plane = self::noise(40, 20);
        file_put_contents($this->path, PlaneFile::of($plane));
        foreach ([[19, 2, 19, 1], [20, 1, 20, 0], [0, 21, 0, 20], [-3, 2, 0, 2]] as [$from, $count, $first, $rows]) {
            $part = PlaneFile::window($this->path, $from, $count);
            self::assertSame($rows, $part->height);
            self::assertSame(substr($plane->bytes, 5 * $first, 5 * $rows), $part->bytes);
        }
        $this->expectException(DamagedPlane::class);
        PlaneFile::window($this->path.' is not there', 0, 1);
    }

    /** Each of PNG's five row filters, written here by its definition, is undone; over noise and over drawn shapes. */
    #[DataProvider('filters')]
    public function testEveryRowFilterIsUndone(int $filter): void
    {
        foreach ([self::noise(93, 41), self::noise(8, 5), self::disc(120, 90)] as $plane) {
            $read = PngFile::plane(self::filtered($plane, $filter));
            self::assertNotNull($read);
            self::assertSame([$plane->width, $plane->height], [$read->width, $read->height]);
            self::assertSame(bin2hex($plane->bytes), bin2hex($read->bytes), "filter $filter on {$plane->width} × {$plane->height}");
        }
    }

    /** @return iterable<string, array{int}> */
    public static function filters(): iterable
    {
        yield 'none' => [0];
        yield 'sub' => [1];
        yield 'up' => [2];
        yield 'average' => [3];
        yield 'Paeth' => [4];
    }

    public function testAPngOfAnotherKindIsNoFilm(): void
    {
        self::assertNull(PngFile::plane(PngFile::ofGrey(3, 2, "\x00\x10\x20\x30\x40\x50")));
        $this->expectException(\UnexpectedValueException::class);
        PngFile::plane('GIF89a'.str_repeat("\0", 40));
    }

    /** PNG, section 9: each byte less what its neighbours foretell. Printing pixels are black, 0. */
    private static function filtered(BitPlane $plane, int $filter): string
    {
        $stride = ($plane->width + 7) >> 3;
        $rows = '';
        $above = str_repeat("\0", $stride);
        foreach (str_split(~$plane->bytes, max(1, $stride)) as $row) {
            $rows .= \chr($filter);
            for ($i = 0; $i < $stride; ++$i) {
                $a = $i > 0 ? \ord($row[$i - 1]) : 0;
                $b = \ord($above[$i]);
                $c = $i > 0 ? \ord($above[$i - 1]) : 0;
                $p = $a + $b - $c;
                [$pa, $pb, $pc] = [abs($p - $a), abs($p - $b), abs($p - $c)];
                $foretold = match ($filter) {
                    0 => 0,
                    1 => $a,
                    2 => $b,
                    3 => intdiv($a + $b, 2),
                    default => $pa <= $pb && $pa <= $pc ? $a : ($pb <= $pc ? $b : $c),
                };
                $rows .= \chr((\ord($row[$i]) - $foretold) & 255);
            }
            $above = $row;
        }
        $chunk = static fn (string $type, string $data): string => pack('N', \strlen($data)).$type.$data.pack('N', crc32($type.$data));

        return "\x89PNG\r\n\x1a\n"
            .$chunk('IHDR', pack('NNC5', $plane->width, $plane->height, 1, 0, 0, 0, 0))
            .$chunk('IDAT', (string) gzcompress($rows))
            .$chunk('IEND', '');
    }

    private static function disc(int $width, int $height): BitPlane
    {
        return self::drawn($width, $height, static fn (int $x, int $y): bool => hypot($x - 60, $y - 45) < 38 && hypot($x - 70, $y - 40) > 12);
    }

    private static function noise(int $width, int $height): BitPlane
    {
        $random = new Randomizer(new Mt19937($width * $height));

        return self::drawn($width, $height, static fn (int $x, int $y): bool => $random->getInt(0, 2) === 0);
    }

    /** @param callable(int, int): bool $prints */
    private static function drawn(int $width, int $height, callable $prints): BitPlane
    {
        $bytes = '';
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; $x += 8) {
                $byte = 0;
                for ($bit = 0; $bit < 8; ++$bit) {
                    $byte |= $x + $bit < $width && $prints($x + $bit, $y) ? 0x80 >> $bit : 0;
                }
                $bytes .= \chr($byte);
            }
        }

        return new BitPlane($width, $height, $bytes);
    }
}
