<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Art;

use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\Orientation;
use Ektype\Core\Art\SvgText;
use Ektype\Core\Art\UnreadableArt;
use Ektype\Core\Colour\Srgb;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** Half a picture never becomes half a print; and what a camera turned is turned back. */
final class DamagedArtTest extends TestCase
{
    /** @var list<string> */
    private array $made = [];

    protected function tearDown(): void
    {
        foreach ($this->made as $path) {
            unlink($path);
        }
        $this->made = [];
    }

    #[DataProvider('kinds')]
    public function testAFileCutAnywhereIsRefused(string $format, bool $tellsHowMuch): void
    {
        $whole = self::restless($format);
        self::assertSame([240, 180], self::sides(ArtFile::at($this->file($whole))), 'whole it is taken');
        foreach ([0.25, 0.5, 0.75, 0.9, 0.98] as $kept) {
            try {
                ArtFile::at($this->file(substr($whole, 0, (int) ($kept * \strlen($whole)))));
                self::fail("$format cut to $kept was taken.");
            } catch (UnreadableArt $refused) {
                self::assertStringContainsString('breaks off', $refused->getMessage());
                if ($tellsHowMuch && $kept > 0.3 && $kept < 0.95) {
                    self::assertSame(1, preg_match('/about (\d+) %/', $refused->getMessage(), $found), $refused->getMessage());
                    self::assertEqualsWithDelta(100 * (1 - $kept), (float) $found[1], 12, "$format, $kept kept");
                }
            }
        }
    }

    /** @return iterable<string, array{string, bool}> */
    public static function kinds(): iterable
    {
        yield 'PNG' => ['png', false];
        yield 'JPEG' => ['jpeg', false];
        yield 'WebP' => ['webp', true];
    }

    /** Its directory stands at the end in most programs, at the start in some: both are cut here. */
    public function testATiffWhoseStripsLieBeyondItsEndIsRefusedWithHowMuchIsMissing(): void
    {
        foreach ([0.3, 0.5, 0.9] as $kept) {
            $tiff = self::tiff(200, 160, $kept);
            try {
                ArtFile::at($this->file($tiff));
                self::fail("A TIFF with $kept of its strips was taken.");
            } catch (UnreadableArt $refused) {
                self::assertStringContainsString(\sprintf('about %.0f %%', 100 * (1 - $kept)), $refused->getMessage());
            }
        }
        self::assertSame([200, 160], self::sides(ArtFile::at($this->file(self::tiff(200, 160, 1.0)))));
    }

    /** A JPEG that a bad copy closed early: its head and its end are there, its middle is not. */
    public function testAJpegClosedEarlyIsRefusedWithHowMuchIsMissing(): void
    {
        $whole = self::restless('jpeg');
        $half = substr($whole, 0, (int) (0.6 * \strlen($whole)))."\xff\xd9";
        try {
            ArtFile::at($this->file($half));
            self::fail('It was taken.');
        } catch (UnreadableArt $refused) {
            self::assertSame(1, preg_match('/about (\d+) %/', $refused->getMessage(), $found), $refused->getMessage());
            self::assertEqualsWithDelta(40, (float) $found[1], 15);
        }
    }

    /** A corner is red, and it belongs at the top left: in each of the eight ways a camera may have stored that. */
    #[DataProvider('orientations')]
    public function testAPictureStandsAsItsCameraSaysItBelongs(Orientation $as): void
    {
        $picture = new \Imagick();
        $picture->newImage(60, 40, new \ImagickPixel('#8fb3a2'));
        $corner = new \ImagickDraw();
        $corner->setFillColor(new \ImagickPixel('#c02020'));
        $corner->rectangle(0, 0, 19, 9);
        $picture->drawImage($corner);
        // Stored as it must be, so that the Exif rule brings it back: the inverse, written out case by case.
        match ($as) {
            Orientation::Upright => null,
            Orientation::Mirrored => $picture->flopImage(),
            Orientation::HalfTurn => $picture->rotateImage('none', 180),
            Orientation::MirroredHalfTurn => $picture->flipImage(),
            Orientation::MirroredLeft => $picture->transposeImage(),
            Orientation::Right => $picture->rotateImage('none', 270),
            Orientation::MirroredRight => $picture->transverseImage(),
            Orientation::Left => $picture->rotateImage('none', 90),
        };
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(95);
        $jpeg = $picture->getImageBlob();
        $exif = "Exif\0\0MM\0*\0\0\0\x08\0\x01\x01\x12\0\x03\0\0\0\x01\0".\chr($as->value)."\0\0\0\0\0\0";
        $path = $this->file(substr($jpeg, 0, 2)."\xff\xe1".pack('n', \strlen($exif) + 2).$exif.substr($jpeg, 2));
        $file = ArtFile::at($path);
        self::assertSame([60, 40], self::sides($file), 'as it belongs, not as it is stored');
        $art = ArtDecoder::over($file, Srgb::fromHex('#ffffff'));
        self::assertSame([60, 40], [$art->width, $art->height]);
        $red = static fn (int $x, int $y): bool => \ord($art->rgb[3 * ($y * 60 + $x)]) > 160;
        self::assertSame([true, false, false, false], [$red(4, 4), $red(55, 4), $red(4, 35), $red(55, 35)]);
        self::assertSame([true, false], [$red(16, 6), $red(6, 16)], 'wide, not high');
    }

    /** @return iterable<string, array{Orientation}> */
    public static function orientations(): iterable
    {
        foreach (Orientation::cases() as $case) {
            yield $case->name => [$case];
        }
    }

    public function testOfSeveralPicturesTheFirstIsTakenAndThatIsSaid(): void
    {
        $pages = new \Imagick();
        foreach (['#c02020', '#2040c0'] as $hex) {
            $pages->newImage(40, 30, new \ImagickPixel($hex), 'tiff');
        }
        $pages->setFormat('tiff');
        $file = ArtFile::at($this->file($pages->getImagesBlob()));
        $art = ArtDecoder::over($file, Srgb::fromHex('#ffffff'));
        self::assertStringContainsString('several pictures', implode(' ', $art->remarks));
        self::assertSame("\xc0\x20\x20", substr($art->rgb, 0, 3));
        $one = ArtFile::at($this->file(self::restless('png')));
        self::assertSame([], $one->remarks);
    }

    /** @param \Closure(string): string $packed */
    #[DataProvider('packings')]
    public function testADrawingIsReadHoweverItIsPacked(\Closure $packed): void
    {
        $svg = '<?xml version="1.0" encoding="UTF-8"?><svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 30 20"><desc>Möwe ⚓</desc></svg>';
        $path = $this->file($packed($svg));
        $file = ArtFile::at($path);
        self::assertSame(['svg', 30, 20], [$file->kind, $file->width, $file->height]);
        self::assertStringContainsString('Möwe ⚓', SvgText::of($path));
        self::assertTrue(mb_check_encoding(SvgText::of($path), 'UTF-8'));
    }

    /** @return iterable<string, array{\Closure(string): string}> */
    public static function packings(): iterable
    {
        $wide = static fn (string $svg, string $as): string => mb_convert_encoding(str_replace('UTF-8', 'UTF-16', $svg), $as, 'UTF-8');
        yield 'plain' => [static fn (string $svg): string => $svg];
        yield 'with a mark of its bytes' => [static fn (string $svg): string => "\xef\xbb\xbf".$svg];
        yield 'zipped' => [static fn (string $svg): string => (string) gzencode($svg)];
        yield 'UTF-16, small end first' => [static fn (string $svg): string => "\xff\xfe".$wide($svg, 'UTF-16LE')];
        yield 'UTF-16, big end first' => [static fn (string $svg): string => "\xfe\xff".$wide($svg, 'UTF-16BE')];
        yield 'UTF-16 without its mark' => [static fn (string $svg): string => $wide($svg, 'UTF-16LE')];
    }

    public function testAZippedDrawingThatIsDamagedOrEndlessIsRefused(): void
    {
        $zipped = (string) gzencode('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 30 20">'.str_repeat('<g/>', 5000).'</svg>');
        $endless = (string) gzencode('<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 3 2">'.str_repeat(' ', 70 * 1024 * 1024).'</svg>', 9);
        foreach ([substr($zipped, 0, 60), $endless] as $bad) {
            try {
                ArtFile::at($this->file($bad));
                self::fail('It was taken.');
            } catch (UnreadableArt $refused) {
                self::assertStringContainsString('zipped drawing', $refused->getMessage());
            }
        }
    }

    /** A drawing of 1.5 by 1 units is half as wide again as high, not twice. */
    public function testADrawingsProportionIsExact(): void
    {
        foreach (['0 0 1.5 1' => 1.5, '0 0 0.3 0.7' => 0.3 / 0.7, '0 0 210.5 297.25' => 210.5 / 297.25] as $box => $ratio) {
            $file = ArtFile::at($this->file('<svg xmlns="http://www.w3.org/2000/svg" viewBox="'.$box.'"/>'));
            self::assertEqualsWithDelta($ratio, $file->width / $file->height, 1e-5 * $ratio, $box);
        }
    }

    /** @return array{int, int} */
    private static function sides(ArtFile $file): array
    {
        return [$file->width, $file->height];
    }

    private static function restless(string $format): string
    {
        $random = new Randomizer(new Mt19937(3));
        $picture = new \Imagick();
        $picture->newImage(240, 180, new \ImagickPixel('#1b2436'));
        for ($i = 0; $i < 120; ++$i) {
            $draw = new \ImagickDraw();
            $draw->setFillColor(new \ImagickPixel(\sprintf('#%06x', $random->getInt(0, 0xFFFFFF))));
            [$x, $y] = [$random->getInt(0, 230), $random->getInt(0, 170)];
            $draw->rectangle($x, $y, $x + $random->getInt(4, 40), $y + $random->getInt(4, 40));
            $picture->drawImage($draw);
        }
        $picture->setImageFormat($format);

        return $picture->getImageBlob();
    }

    /** A TIFF by hand, its directory first: grey, sixteen strips, of which a share is there. */
    private static function tiff(int $width, int $height, float $kept): string
    {
        $strips = 16;
        $rows = intdiv($height, $strips);
        $head = "II*\0".pack('V', 8);
        $start = 8 + 2 + 9 * 12 + 4;
        $data = $start + 8 * $strips;
        $entry = static fn (int $tag, int $type, int $count, int $value): string => pack('vvVV', $tag, $type, $count, $value);
        $ifd = pack('v', 9)
            .$entry(256, 3, 1, $width).$entry(257, 3, 1, $height).$entry(258, 3, 1, 8).$entry(259, 3, 1, 1).$entry(262, 3, 1, 1)
            .$entry(273, 4, $strips, $start).$entry(277, 3, 1, 1).$entry(278, 3, 1, $rows).$entry(279, 4, $strips, $start + 4 * $strips)
            .pack('V', 0);
        $places = $lengths = '';
        for ($i = 0; $i < $strips; ++$i) {
            $places .= pack('V', $data + $i * $rows * $width);
            $lengths .= pack('V', $rows * $width);
        }

        return $head.$ifd.$places.$lengths.str_repeat("\x7f", (int) round($kept * $width * $height));
    }

    private function file(string $bytes): string
    {
        $this->made[] = $path = (string) tempnam(sys_get_temp_dir(), 'art');
        file_put_contents($path, $bytes);

        return $path;
    }
}
