<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Kernel;
use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\GainChart;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Raster\PngFile;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\ApplicationTester;

/** A chart printed by a press whose curve is known, scanned askew under uneven light, with noise and compression. */
final class GainScanTest extends KernelTestCase
{
    private const PPI = 200;

    private string $scan;

    protected static function getKernelClass(): string
    {
        return Kernel::class;
    }

    protected function setUp(): void
    {
        $this->scan = sys_get_temp_dir().'/ektype-scan-'.getmypid().'.jpg';
    }

    protected function tearDown(): void
    {
        if (is_file($this->scan)) {
            unlink($this->scan);
        }
        parent::tearDown();
        restore_exception_handler();
    }

    /** @return iterable<string, array{\Closure(float): float, float, float, float}> the press, how the scan is turned, reflectance of solid and cloth */
    public static function scans(): iterable
    {
        yield 'black on white' => [static fn (float $a): float => $a + 0.24 * sin(\M_PI * $a) ** 1.2, 1.3, 0.03, 0.85];
        yield 'blue on cream, the other way round' => [static fn (float $a): float => $a + 0.18 * sin(\M_PI * $a) - 0.04 * sin(2 * \M_PI * $a), -2.1, 0.12, 0.7];
    }

    /** @param \Closure(float): float $truth */
    #[DataProvider('scans')]
    public function testTheScanOfAPrintedChartGivesTheCurve(\Closure $truth, float $turnDeg, float $solid, float $cloth): void
    {
        $this->scanned($truth, $turnDeg, $solid, $cloth);
        [$status, $said, $errors] = $this->read();
        self::assertSame(0, $status, $errors);
        $told = json_decode($said, true);
        self::assertIsArray($told);
        self::assertSame(57, $told['rests_on']);
        foreach ($told['curve'] as $point) {
            self::assertEqualsWithDelta(100 * $truth($point['tone'] / 100), $point['printed'], 1.5, $point['tone'].' %');
        }
        // The film that it asks for prints what is wished.
        foreach ($told['points'] as [$wished, $film]) {
            self::assertEqualsWithDelta($wished, 100 * $truth($film / 100), 2.0);
        }
    }

    public function testAScanThatLiesUpsideDownOrShowsNoChartIsRefused(): void
    {
        $this->scanned(static fn (float $a): float => $a, 180.0, 0.03, 0.85);
        [$status, , $errors] = $this->read();
        self::assertSame(1, $status);
        self::assertStringContainsString('upside down', $errors);

        $empty = new \Imagick();
        $empty->newImage(900, 900, new \ImagickPixel('white'));
        $empty->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $empty->setImageResolution(self::PPI, self::PPI);
        $empty->writeImage('jpeg:'.$this->scan);
        [$status, , $errors] = $this->read();
        self::assertSame(1, $status);
        self::assertStringContainsString('marks of the chart', $errors);
    }

    /** @return array{int, string, string} */
    private function read(): array
    {
        $application = new Application(self::bootKernel(['debug' => false]));
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        $status = $tester->run(['command' => 'gain:read', 'input' => $this->scan], ['capture_stderr_separately' => true]);

        return [$status, $tester->getDisplay(), $tester->getErrorOutput()];
    }

    /** @param \Closure(float): float $truth */
    private function scanned(\Closure $truth, float $turnDeg, float $solid, float $cloth): void
    {
        $grid = GainChart::grid(600);
        $print = Screening::with(Supercell::for(600, 45, 22.5), Dot::Round, $grid->width)->film(GainChart::tones($grid, $truth), $grid->times, $grid->height);
        $sheet = FilmPlane::of(GainChart::sheet(600), $print, 'Gain chart');
        $picture = new \Imagick();
        $picture->readImageBlob(PngFile::ofPlane($sheet, 600));
        $picture->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        $picture->resizeImage(intdiv($sheet->width, 3), intdiv($sheet->height, 3), \Imagick::FILTER_BOX, 1);
        // Askew on the glass: the light mixes before it is written down.
        $picture->rotateImage(new \ImagickPixel('white'), $turnDeg);
        $picture->setImagePage(0, 0, 0, 0);
        $picture->setImageDepth(8);
        $picture->setImageFormat('GRAY');
        [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $bare = $picture->getImageBlob();
        mt_srand(5);
        $grey = '';
        for ($y = 0; $y < $height; ++$y) {
            for ($x = 0; $x < $width; ++$x) {
                // Light falls off towards one corner by an eighth.
                $light = ($solid + ($cloth - $solid) * \ord($bare[$y * $width + $x]) / 255) * (1 - 0.07 * $x / $width - 0.06 * $y / $height);
                $written = $light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055;
                $grey .= \chr((int) max(0, min(255, 255 * $written + mt_rand(-4, 4))));
            }
        }
        $scan = new \Imagick();
        $scan->readImageBlob("P5 $width $height 255\n".$grey, 'scan.pgm');
        $scan->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $scan->setImageResolution(self::PPI, self::PPI);
        $scan->setImageFormat('jpeg');
        $scan->setImageCompressionQuality(88);
        $scan->writeImage('jpeg:'.$this->scan);
    }
}
