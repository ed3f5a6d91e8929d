<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Kernel;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\ApplicationTester;
use Symfony\Component\Filesystem\Filesystem;

/** A picture to dots on film, from the command line. */
final class ScreenToneTest extends KernelTestCase
{
    private string $folder;

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    protected function setUp(): void
    {
        $this->folder = sys_get_temp_dir().'/ektype-tone-'.getmypid();
        (new Filesystem())->mkdir($this->folder);
        // A wedge of ten steps, white at the left.
        $wedge = imagecreatetruecolor(1000, 200);
        for ($step = 0; $step < 10; ++$step) {
            $grey = (int) round(255 * (1 - $step / 9));
            imagefilledrectangle($wedge, 100 * $step, 0, 100 * $step + 99, 199, $grey << 16 | $grey << 8 | $grey);
        }
        imagepng($wedge, $this->folder.'/wedge.png');
        file_put_contents($this->folder.'/curve.json', '{"points": [[50, 30]]}');
        file_put_contents($this->folder.'/falls.json', '{"points": [[30, 40], [60, 35]]}');
        file_put_contents($this->folder.'/broken.json', '{"points": [30, 40]}');
    }

    protected function tearDown(): void
    {
        (new Filesystem())->remove($this->folder);
        parent::tearDown();
        restore_exception_handler();
    }

    public function testAWedgeIsScreenedTrueToSizeAndTone(): void
    {
        [$status, $said] = $this->screen(['--lpi' => '45', '--angle' => '22.5', '--out' => $this->folder.'/film.png']);
        self::assertSame(0, $status, $said);
        $told = json_decode($said, true);
        self::assertIsArray($told);
        self::assertSame([1890, 378], [$told['width_px'], $told['height_px']]);
        self::assertEqualsWithDelta(80.0, $told['width_mm'], 0.022);
        self::assertEqualsWithDelta(45.0, $told['lpi'], 0.05);
        self::assertEqualsWithDelta(22.5, $told['angle_deg'], 0.05);
        self::assertGreaterThanOrEqual(200, $told['levels']);
        self::assertEqualsWithDelta(50.0, $told['coverage_pct'], 0.4);
        $film = $this->film('film.png');
        for ($step = 0; $step < 10; ++$step) {
            self::assertEqualsWithDelta($step / 9, self::covered($film, 189 * $step + 12, 189 * ($step + 1) - 12), 0.012, "step $step");
        }
        self::assertSame([600.0, 600.0], array_map(round(...), PngFile::resolution((string) file_get_contents($this->folder.'/film.png')) ?? []));
    }

    public function testACurveBendsTheTonesAndTiffHoldsTheSameFilm(): void
    {
        [$status, $said] = $this->screen(['--lpi' => '35', '--angle' => '0', '--dot' => 'ellipse', '--curve' => $this->folder.'/curve.json', '--out' => $this->folder.'/bent.tif']);
        self::assertSame(0, $status, $said);
        $tiff = new \Imagick($this->folder.'/bent.tif');
        self::assertSame(\Imagick::COMPRESSION_GROUP4, $tiff->getImageCompression());
        [$status] = $this->screen(['--lpi' => '35', '--angle' => '0', '--dot' => 'ellipse', '--curve' => $this->folder.'/curve.json', '--out' => $this->folder.'/bent.png']);
        self::assertSame(0, $status);
        $film = $this->film('bent.png');
        // Four ninths of tone are 0.6 of it on film, up to half tone; then it rises to all.
        self::assertEqualsWithDelta(4 / 9 * 0.6, self::covered($film, 189 * 4 + 12, 189 * 5 - 12), 0.015);
        self::assertEqualsWithDelta(0.3 + (7 / 9 - 0.5) * 1.4, self::covered($film, 189 * 7 + 12, 189 * 8 - 12), 0.015);
        $black = 0;
        for ($x = 0; $x < 1890; $x += 5) {
            $pixel = $tiff->getImagePixelColor($x, 100);
            self::assertSame($film->isSet($x, 100), $pixel->getColor()['r'] === 0, "at $x");
            ++$black;
        }
        self::assertSame(378, $black);
    }

    /** @return iterable<string, array{array<string, string>, string}> */
    public static function faults(): iterable
    {
        yield 'angle' => [['--lpi' => '45', '--angle' => '400', '--out' => 'x.png'], 'angle: A screen is not set to 400°'];
        yield 'ruling' => [['--lpi' => '200', '--angle' => '20', '--out' => 'x.png'], 'lpi: A film of 600 dpi has 3.0 pixels'];
        yield 'no ruling' => [['--angle' => '20', '--out' => 'x.png'], 'lpi: '];
        yield 'format' => [['--lpi' => '45', '--angle' => '20', '--out' => 'x.jpg'], 'neither PNG nor TIFF'];
        yield 'no film' => [['--lpi' => '45', '--angle' => '20'], 'no film to write to'];
        yield 'falling curve' => [['--lpi' => '45', '--angle' => '20', '--out' => 'x.png', '--curve' => 'falls.json'], 'curve: The curve falls'];
        yield 'no curve' => [['--lpi' => '45', '--angle' => '20', '--out' => 'x.png', '--curve' => 'broken.json'], 'curve: The curve is not'];
        yield 'no file' => [['--lpi' => '45', '--angle' => '20', '--out' => 'x.png', '--curve' => 'none.json'], 'There is no file'];
        yield 'dot' => [['--lpi' => '45', '--angle' => '20', '--dot' => 'star', '--out' => 'x.png'], 'round, ellipse, line'];
    }

    /** @param array<string, string> $options */
    #[DataProvider('faults')]
    public function testWhatCannotBeIsSaidAndNothingIsWritten(array $options, string $words): void
    {
        foreach (['--out', '--curve'] as $path) {
            if (isset($options[$path])) {
                $options[$path] = $this->folder.'/'.$options[$path];
            }
        }
        [$status, , $errors] = $this->screen($options);
        self::assertSame(1, $status);
        self::assertStringContainsString($words, $errors);
        self::assertStringNotContainsString($this->folder, $errors, 'a path of this machine is nobody’s business');
        self::assertFileDoesNotExist($this->folder.'/x.png');
    }

    /**
     * @param array<string, string> $options
     *
     * @return array{int, string, string} status, what it said, and what it said of errors
     */
    private function screen(array $options): array
    {
        $application = new Application(self::bootKernel(['debug' => false]));
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        $status = $tester->run(['command' => 'tone:screen', 'picture' => $this->folder.'/wedge.png', '--width-mm' => '80', ...$options], ['capture_stderr_separately' => true]);

        return [$status, $tester->getDisplay(), $tester->getErrorOutput()];
    }

    private function film(string $name): BitPlane
    {
        $film = PngFile::plane((string) file_get_contents($this->folder.'/'.$name));
        self::assertNotNull($film);

        return $film;
    }

    private static function covered(BitPlane $film, int $from, int $to): float
    {
        $set = 0;
        for ($y = 0; $y < $film->height; ++$y) {
            for ($x = $from; $x < $to; ++$x) {
                $set += $film->isSet($x, $y) ? 1 : 0;
            }
        }

        return $set / ($film->height * ($to - $from));
    }
}
