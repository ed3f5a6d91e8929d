<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\FilmSet\FilmReader;
use Ektype\App\FilmSet\UnreadableFilms;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\TiffFile;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Films are read back as any film printer would read them, whatever program wrote or packed them. */
final class FilmReaderTest extends TestCase
{
    private const WIDTH = 203;
    private const HEIGHT = 118;

    private string $dir = '';

    protected function setUp(): void
    {
        $this->dir = sys_get_temp_dir().'/ektype-films-'.getmypid().'-'.bin2hex(random_bytes(4));
        mkdir($this->dir);
    }

    protected function tearDown(): void
    {
        foreach ((array) glob($this->dir.'/*') as $file) {
            unlink((string) $file);
        }
        rmdir($this->dir);
    }

    /** @param callable(self, string): void $write */
    #[DataProvider('written')]
    public function testAFilmComesBackPixelForPixel(callable $write, float $dpi): void
    {
        $path = $this->dir.'/film';
        $write($this, $path);
        [$film, $x, $y] = (new FilmReader())->read($path);
        self::assertSame([self::WIDTH, self::HEIGHT], [$film->width, $film->height]);
        self::assertEqualsWithDelta([$dpi, $dpi], [$x, $y], 0.02);
        $drawn = self::drawn();
        self::assertSame(bin2hex($drawn->bytes), bin2hex($film->bytes), 'and nothing prints beside the film');
        self::assertSame(1, (new FilmReader())->pages($path));
    }

    /** @return iterable<string, array{callable(self, string): void, float}> */
    public static function written(): iterable
    {
        yield 'a PNG of ours' => [static function (self $test, string $path): void {
            file_put_contents($path, PngFile::ofPlane(self::drawn(), 600));
        }, 600.0];
        yield 'a TIFF of ours, packed' => [static function (self $test, string $path): void {
            file_put_contents($path.'.plain', TiffFile::ofPlane(self::drawn(), 720));
            (new Process(['tiffcp', '-c', 'g4', $path.'.plain', $path]))->mustRun();
        }, 720.0];
        yield 'a grey PNG' => [static fn (self $test, string $path) => $test->asPicture('png', $path, false), 600.0];
        yield 'a coloured PNG' => [static fn (self $test, string $path) => $test->asPicture('png', $path, true), 600.0];
        yield 'a grey TIFF' => [static fn (self $test, string $path) => $test->asPicture('tiff', $path, false), 600.0];
    }

    public function testAPdfIsReadPageByPage(): void
    {
        file_put_contents($this->dir.'/two.pdf', $this->pdfOf(2));
        $reader = new FilmReader();
        self::assertSame(2, $reader->pages($this->dir.'/two.pdf'));
        [$film, $x] = $reader->read($this->dir.'/two.pdf', 2);
        self::assertEqualsWithDelta(25.4, $film->width * 25.4 / $x, 0.1, 'a page of 72 points is an inch');
        // A bar from a quarter to a half of the page: a quarter of its area.
        self::assertEqualsWithDelta(0.25, $film->count() / $film->width / $film->height, 0.01);
    }

    public function testWhatIsNoFilmIsRefusedByItsName(): void
    {
        foreach (['text' => 'no film', 'png' => "\x89PNG\r\n\x1a\nand no more", 'tiff' => "II*\0\x08\0\0\0", 'pdf' => '%PDF-1.4 and no more'] as $name => $bytes) {
            file_put_contents($this->dir.'/'.$name, $bytes);
            try {
                (new FilmReader())->read($this->dir.'/'.$name);
                self::fail("$name was read.");
            } catch (UnreadableFilms $refused) {
                self::assertSame($name, $refused->on);
                self::assertStringContainsString("“{$name}” is no film that can be read", $refused->getMessage());
            }
        }
    }

    public function testAPngWithoutItsResolutionHasNoSize(): void
    {
        $png = PngFile::ofPlane(self::drawn(), 600);
        $at = strpos($png, 'pHYs');
        self::assertIsInt($at);
        file_put_contents($this->dir.'/sizeless.png', substr($png, 0, $at - 4).substr($png, $at + 17));
        $this->expectException(UnreadableFilms::class);
        $this->expectExceptionMessage('does not say its resolution');
        (new FilmReader())->read($this->dir.'/sizeless.png');
    }

    private function asPicture(string $format, string $path, bool $coloured): void
    {
        $picture = new \Imagick();
        $picture->readImageBlob(PngFile::ofPlane(self::drawn(), 600));
        $picture->setImageType($coloured ? \Imagick::IMGTYPE_TRUECOLOR : \Imagick::IMGTYPE_GRAYSCALE);
        $picture->setImageDepth(8);
        $picture->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $picture->setImageResolution(600, 600);
        if ($format === 'png') {
            $picture->setOption('png:color-type', $coloured ? '2' : '0');
            $picture->setOption('png:bit-depth', '8');
        }
        $picture->writeImage($format.':'.$path);
    }

    /** Pages of an inch by an inch, black from a quarter to a half of their width. */
    private function pdfOf(int $pages): string
    {
        $objects = ['<< /Type /Catalog /Pages 2 0 R >>'];
        $kids = implode(' ', array_map(static fn (int $i): string => (3 + 2 * $i).' 0 R', range(0, $pages - 1)));
        $objects[] = "<< /Type /Pages /Kids [$kids] /Count $pages >>";
        for ($i = 0; $i < $pages; ++$i) {
            $objects[] = '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 72 72] /Contents '.(4 + 2 * $i).' 0 R >>';
            $objects[] = "<< /Length 16 >>\nstream\n18 0 18 72 re f\n\nendstream";
        }
        $pdf = "%PDF-1.4\n";
        $at = [];
        foreach ($objects as $i => $object) {
            $at[] = \strlen($pdf);
            $pdf .= ($i + 1)." 0 obj\n$object\nendobj\n";
        }
        $table = "xref\n0 ".(\count($objects) + 1)."\n0000000000 65535 f \n".implode('', array_map(static fn (int $a): string => \sprintf("%010d 00000 n \n", $a), $at));

        return $pdf.$table.'trailer << /Size '.(\count($objects) + 1).' /Root 1 0 R >>'."\nstartxref\n".\strlen($pdf)."\n%%EOF\n";
    }

    private static function drawn(): BitPlane
    {
        $bytes = '';
        for ($y = 0; $y < self::HEIGHT; ++$y) {
            for ($x = 0; $x < self::WIDTH; $x += 8) {
                $byte = 0;
                for ($bit = 0; $bit < 8; ++$bit) {
                    $prints = hypot($x + $bit - 100, $y - 60) < 45 || ($x + $bit + $y) % 31 === 0;
                    $byte |= $x + $bit < self::WIDTH && $prints ? 0x80 >> $bit : 0;
                }
                $bytes .= \chr($byte);
            }
        }

        return new BitPlane(self::WIDTH, self::HEIGHT, $bytes);
    }
}
