<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Raster;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\TiffFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A film that another program wrote is read as it stands: black stays black, and a centimetre is no inch. */
final class TiffFileTest extends TestCase
{
    #[DataProvider('sizes')]
    public function testWhatWasWrittenComesBackWithItsResolution(int $width, int $height): void
    {
        $plane = self::noise($width, $height);
        [$read, $x, $y] = TiffFile::read(TiffFile::ofPlane($plane, 720.5, 1440.0));
        self::assertSame([$width, $height, bin2hex($plane->bytes)], [$read->width, $read->height, bin2hex($read->bytes)]);
        self::assertEqualsWithDelta([720.5, 1440.0], [$x, $y], 1e-4);
        self::assertSame(600.0, TiffFile::read(TiffFile::ofPlane($plane, 600))[2], 'one resolution holds both ways');
    }

    /** @return iterable<string, array{int, int}> */
    public static function sizes(): iterable
    {
        yield 'whole bytes' => [64, 8];
        yield 'a ragged edge' => [61, 7];
        yield 'an odd number of bytes' => [5, 3];
    }

    /** Written here by the letter of TIFF 6.0: both orders of bytes, one strip or several, either sense of black, both units. */
    #[DataProvider('kinds')]
    public function testTheFilmOfAnotherProgramIsRead(bool $little, int $rowsAStrip, bool $blackIsZero, bool $centimetres): void
    {
        $plane = self::noise(43, 21);
        $tiff = self::written($plane, $little, [
            262 => $blackIsZero ? 1 : 0,
            278 => $rowsAStrip,
            296 => $centimetres ? 3 : 2,
        ], $centimetres ? 1200 / 2.54 : 1200);
        [$read, $x, $y] = TiffFile::read($tiff);
        self::assertSame([43, 21], [$read->width, $read->height]);
        self::assertSame([], self::differing($plane, $read));
        self::assertSame($plane->count(), $read->count(), 'nothing prints beyond its edge');
        self::assertEqualsWithDelta(1200, $x, 0.01);
        self::assertEqualsWithDelta(1200, $y, 0.01);
    }

    /** @return iterable<string, array{bool, int, bool, bool}> */
    public static function kinds(): iterable
    {
        yield 'little end first, one strip' => [true, 21, false, false];
        yield 'big end first, one strip' => [false, 21, false, false];
        yield 'little end first, strips of four rows' => [true, 4, false, false];
        yield 'big end first, strips of a row, black is zero' => [false, 1, true, false];
        yield 'in centimetres' => [true, 21, true, true];
    }

    /** @param array<int, int> $tags */
    #[DataProvider('others')]
    public function testATiffThatIsNoLineFilmIsRefused(array $tags): void
    {
        $this->expectException(\UnexpectedValueException::class);
        $this->expectExceptionMessage('not one bit a pixel, or it is packed');
        TiffFile::read(self::written(self::noise(16, 4), true, $tags, 600));
    }

    /** @return iterable<string, array{array<int, int>}> */
    public static function others(): iterable
    {
        yield 'greys' => [[258 => 8]];
        yield 'packed' => [[259 => 4]];
        yield 'three colours' => [[277 => 3]];
    }

    public function testWhatIsNoTiffIsRefused(): void
    {
        $this->expectException(\UnexpectedValueException::class);
        $this->expectExceptionMessage('no TIFF');
        TiffFile::read("\x89PNG\r\n\x1a\n".str_repeat("\0", 60));
    }

    /** @return list<string> pixels that differ */
    private static function differing(BitPlane $one, BitPlane $two): array
    {
        $differ = [];
        for ($y = 0; $y < $one->height; ++$y) {
            for ($x = 0; $x < $one->width; ++$x) {
                if ($one->isSet($x, $y) !== $two->isSet($x, $y)) {
                    $differ[] = "$x, $y";
                }
            }
        }

        return $differ;
    }

    /**
     * @param array<int, int> $tags what is to be other than a plain line film of one strip
     * @param float           $per  pixels an inch or a centimetre
     */
    private static function written(BitPlane $plane, bool $little, array $tags, float $per): string
    {
        [$short, $long] = $little ? ['v', 'V'] : ['n', 'N'];
        $tags += [256 => $plane->width, 257 => $plane->height, 258 => 1, 259 => 1, 262 => 0, 277 => 1, 278 => $plane->height, 296 => 2];
        $bytes = $tags[262] === 1 ? ~$plane->bytes : $plane->bytes;
        $strips = str_split($bytes, max(1, $plane->stride * $tags[278]));
        $body = '';
        $offsets = $counts = [];
        foreach ($strips as $strip) {
            $offsets[] = 8 + \strlen($body);
            $counts[] = \strlen($strip);
            $body .= $strip.(\strlen($strip) % 2 === 1 ? "\0" : '');
        }
        $list = static fn (int ...$values): string => implode('', array_map(static fn (int $v): string => pack($long, $v), $values));
        $at = 8 + \strlen($body);
        $body .= $list(...$offsets).$list(...$counts).str_repeat(pack($long.$long, (int) round($per * 1000), 1000), 2);
        $many = \count($strips);
        $tags[273] = $many === 1 ? $offsets[0] : $at;
        $tags[279] = $many === 1 ? $counts[0] : $at + 4 * $many;
        $tags[282] = $at + 8 * $many;
        $tags[283] = $at + 8 * $many + 8;
        ksort($tags);
        $directory = pack($short, \count($tags));
        foreach ($tags as $tag => $value) {
            $directory .= match (true) {
                $tag === 282 || $tag === 283 => pack($short.$short.$long.$long, $tag, 5, 1, $value),
                $tag === 273 || $tag === 279 => pack($short.$short.$long.$long, $tag, 4, $many, $value),
                $tag === 256 || $tag === 257 || $tag === 278 => pack($short.$short.$long.$long, $tag, 4, 1, $value),
                default => pack($short.$short.$long.$short.$short, $tag, 3, 1, $value, 0),
            };
        }

        return ($little ? "II*\0" : "MM\0*").pack($long, 8 + \strlen($body)).$body.$directory.pack($long, 0);
    }

    private static function noise(int $width, int $height): BitPlane
    {
        $random = new Randomizer(new Mt19937(11));
        $stride = ($width + 7) >> 3;
        $bytes = '';
        for ($i = 0; $i < $stride * $height; ++$i) {
            $ragged = ($i + 1) % $stride === 0 ? 0xFF & ~(0xFF >> ($width - 8 * ($stride - 1))) : 0xFF;
            $bytes .= \chr($random->getInt(0, 255) & $ragged);
        }

        return new BitPlane($width, $height, $bytes);
    }
}
