<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\FilmSet\Films;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\Shop\ShopFiles;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** A whole set in one file for other people's programs, read by tools that know nothing of it. */
final class SetInOneTest extends TestCase
{
    private const DPI = 300.0;
    private string $dir = '';

    protected function setUp(): void
    {
        $this->dir = sys_get_temp_dir().'/ektype-set-'.getmypid();
        (new FilmSetWriter())->write(ShopFiles::in($this->dir), '', self::set());
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), (array) glob($this->dir.'/*'));
        rmdir($this->dir);
    }

    /** Each plate is a channel of the TIFF under its name, pixel by pixel the film that it is alone; two of one name are told apart. */
    public function testChannelsAreTheFilmsUnderTheirNames(): void
    {
        $info = (new Process(['tiffinfo', $this->dir.'/channels.tif']))->mustRun()->getOutput();
        self::assertStringContainsString('Ink Names: Signal red, White 2, White 3', $info);
        self::assertStringContainsString('Resolution: 300, 300', $info);
        self::assertStringContainsString('separate image planes', $info);
        (new Process(['tiffcp', '-c', 'none', '-r', '100000', $this->dir.'/channels.tif', $this->dir.'/plain.tif']))->mustRun();
        $plain = (string) file_get_contents($this->dir.'/plain.tif');
        $set = self::set();
        foreach ($set->plates as $i => $plate) {
            $film = PngFile::plane((string) file_get_contents($this->dir.'/'.FilmSetWriter::filesOf($i + 1, $plate->name, ['png'])['png']));
            self::assertNotNull($film);
            $bytes = '';
            for ($y = 0; $y < $film->height; ++$y) {
                $bits = implode('', array_map(static fn (string $b): string => \sprintf('%08b', \ord($b)), str_split($film->row($y))));
                $bytes .= strtr(substr($bits, 0, $film->width), ['0' => "\0", '1' => "\xff"]);
            }
            // Unpacked, the planes lie one after the other behind the head of the file.
            self::assertTrue($bytes === substr($plain, 8 + $i * \strlen($bytes), \strlen($bytes)), $plate->name);
        }
    }

    /** A page interpreter shows the inks over each other; each is a separation of its name, and the marks are of all. */
    public function testEachPlateIsANamedColourOnOnePage(): void
    {
        $pdf = (string) file_get_contents($this->dir.'/inks.pdf');
        foreach (['Signal#20red', 'White#202', 'White#203', 'All'] as $name) {
            self::assertSame(1, substr_count($pdf, '/Separation /'.$name.' '), $name);
        }
        self::assertStringContainsString('/op true', $pdf);
        $page = (new Process(['pdftoppm', '-r', '100', '-png', '-singlefile', $this->dir.'/inks.pdf', $this->dir.'/page']))->mustRun();
        self::assertSame('', $page->getErrorOutput(), 'no complaint');
        $shown = imagecreatefrompng($this->dir.'/page.png');
        self::assertInstanceOf(\GdImage::class, $shown);
        $sheet = self::set()->sheet;
        $at = static function (float $xMm, float $yMm) use ($shown, $sheet): string {
            $point = $sheet->onFilm($xMm, $yMm);

            return \sprintf('#%06x', imagecolorat($shown, (int) ($point->xMm / 25.4 * 100), (int) ($point->yMm / 25.4 * 100)));
        };
        self::assertSame('#c8202c', $at(-10.0, 5.0), 'the red half');
        self::assertSame('#ffffff', $at(10.0, 12.0), 'nothing prints there');
        $mark = $sheet->marks()[0];
        self::assertSame('#000000', $at($mark->xMm, $mark->yMm), 'the middle of a mark');
        if (is_executable('/usr/bin/gs')) {
            (new Process(['gs', '-q', '-dSAFER', '-dNOPAUSE', '-dBATCH', '-sDEVICE=tiffsep', '-r300', '-sOutputFile='.$this->dir.'/sep.tif', $this->dir.'/inks.pdf']))->mustRun();
            $red = new \Imagick($this->dir.'/sep(Signal red).tif');
            foreach ([[-10.0, 5.0, 0], [10.0, 12.0, 255], [$mark->xMm, $mark->yMm, 0]] as [$x, $y, $grey]) {
                $point = $sheet->onFilm($x, $y);
                $pixel = $red->exportImagePixels((int) ($point->xMm / 25.4 * 300), (int) ($point->yMm / 25.4 * 300), 1, 1, 'I', \Imagick::PIXEL_CHAR);
                self::assertSame([$grey], $pixel, "$x, $y");
            }
        }
    }

    private static function set(): Films
    {
        $sheet = new FilmSheet(472, 354, self::DPI, 3);
        // The left half, a square at the lower right, and a frame: 40 × 30 mm.
        $planes = [];
        foreach ([static fn (int $x, int $y): bool => $x < 236, static fn (int $x, int $y): bool => $x > 300 && $y > 200, static fn (int $x, int $y): bool => $y > 340] as $is) {
            $bytes = '';
            for ($y = 0; $y < 354; ++$y) {
                $bits = '';
                for ($x = 0; $x < 472; ++$x) {
                    $bits .= $is($x, $y) ? '1' : '0';
                }
                $bytes .= implode('', array_map(static fn (string $b): string => \chr((int) bindec($b)), str_split($bits, 8)));
            }
            $planes[] = new BitPlane(472, 354, $bytes);
        }

        return new Films('Halves', $sheet, [
            new FilmPlate('Signal red', $planes[0], 'Halves   Signal red', Srgb::fromHex('#c8202c')),
            new FilmPlate('White', $planes[1], 'Halves   White', Srgb::fromHex('#f6f4ee')),
            new FilmPlate('White', $planes[2], 'Halves   White', Srgb::fromHex('#f6f4ee')),
        ], ['png', 'inks', 'channels'], new FilmPrinter(dpi: self::DPI), []);
    }
}
