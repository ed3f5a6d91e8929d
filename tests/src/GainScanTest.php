<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Device\SimulatedChartPrinter;
use Ektype\App\Kernel;
use Ektype\App\Work\Chart\ChartFilm;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\GainChart;
use Ektype\Core\Halftone\GainSetting;
use Ektype\Core\Halftone\Screening;
use Ektype\Tests\Measure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Bundle\FrameworkBundle\Console\Application;
use Symfony\Bundle\FrameworkBundle\Test\KernelTestCase;
use Symfony\Component\Console\Tester\ApplicationTester;

/** A chart printed by a press whose curve is known, scanned askew under uneven light, with noise and compression. */
final class GainScanTest extends KernelTestCase
{
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

    /** @return iterable<string, array{\Closure(float): float, float, float, float, float, float, Dot}> the press, how the scan is turned, reflectance of solid and cloth, and the dots */
    public static function someScans(): iterable
    {
        return Measure::some(1, self::scans());
    }

    /** @return iterable<string, array{\Closure(float): float, float, float, float, float, float, Dot}> the press, how the scan is turned, reflectance of solid and cloth, and the dots */
    public static function scans(): iterable
    {
        yield 'black on white' => [static fn (float $a): float => $a + 0.24 * sin(\M_PI * $a) ** 1.2, 1.3, 0.03, 0.85, 45.0, 22.5, Dot::Round];
        yield 'blue on cream, the other way round, line dots' => [static fn (float $a): float => $a + 0.18 * sin(\M_PI * $a) - 0.04 * sin(2 * \M_PI * $a), -2.1, 0.12, 0.7, 30.0, 45.0, Dot::Line];
        yield 'white on navy, a fine ruling' => [static fn (float $a): float => $a + 0.2 * sin(\M_PI * $a), 0.8, 0.8, 0.04, 65.0, 15.0, Dot::Ellipse];
    }

    /** @param \Closure(float): float $truth */
    #[DataProvider('someScans')]
    public function testTheScanOfAPrintedChartGivesTheCurve(\Closure $truth, float $turnDeg, float $solid, float $cloth, float $lpi, float $angle, Dot $dot): void
    {
        $this->scanned($truth, $turnDeg, $solid, $cloth, ChartFilm::of(600, $lpi, $angle, $dot));
        [$status, $said, $errors] = $this->read($lpi);
        self::assertSame(0, $status, $errors);
        $told = json_decode($said, true);
        self::assertIsArray($told);
        self::assertSame(57, $told['rests_on']);
        self::assertEqualsWithDelta($lpi, $told['lpi'], 0.03 * $lpi, 'its ruling is seen');
        foreach ($told['curve'] as $point) {
            self::assertEqualsWithDelta(100 * $truth($point['tone'] / 100), $point['printed'], 1.5, $point['tone'].' %');
        }
        // The film that it asks for prints what is wished.
        foreach ($told['points'] as [$wished, $film]) {
            self::assertEqualsWithDelta($wished, 100 * $truth($film / 100), 2.0);
        }
    }

    #[Group('long')]
    public function testAScanThatLiesUpsideDownOrShowsNoChartIsRefused(): void
    {
        $this->scanned(static fn (float $a): float => $a, 180.0, 0.03, 0.85, ChartFilm::of(600, 45, 22.5, Dot::Round));
        [$status, , $errors] = $this->read();
        self::assertSame(1, $status);
        self::assertStringContainsString('upside down', $errors);

        $empty = new \Imagick();
        $empty->newImage(900, 900, new \ImagickPixel('white'));
        $empty->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $empty->setImageResolution(200, 200);
        $empty->writeImage('jpeg:'.$this->scan);
        [$status, , $errors] = $this->read();
        self::assertSame(1, $status);
        self::assertStringContainsString('marks of the chart', $errors);
    }

    #[Group('long')]
    public function testAChartOfAnotherRulingIsRefused(): void
    {
        $this->scanned(static fn (float $a): float => $a, 0.5, 0.03, 0.85, ChartFilm::of(600, 55, 15, Dot::Round));
        [$status, , $errors] = $this->read(45);
        self::assertSame(1, $status);
        self::assertStringContainsString('of 55 lines per inch, those of the plates are of 45', $errors);
        self::assertSame(0, $this->read()[0], 'where no ruling is asked for, it is read');
    }

    /** The stand-in keeps its word: what it says of itself is what is read. */
    #[Group('long')]
    public function testTheSimulatedPressIsReadAsItPrints(): void
    {
        $stand = new SimulatedChartPrinter();
        $film = ChartFilm::of(600, 50, 30, Dot::Ellipse);
        foreach ([55.0, 77.0] as $threads) {
            $at = new GainSetting(1, $threads, null, 50.0, 1);
            file_put_contents($this->scan, $stand->scan($film, $at));
            [$status, $said, $errors] = $this->read(50);
            self::assertSame(0, $status, $errors);
            $told = json_decode($said, true);
            self::assertIsArray($told);
            foreach ($told['curve'] as $point) {
                self::assertEqualsWithDelta(100 * $stand->truth($at)($point['tone'] / 100), $point['printed'], 1.5, "$threads threads, {$point['tone']} %");
            }
        }
        $at = new GainSetting(1, 77.0, null, 50.0, 1);
        self::assertSame($stand->scan($film, $at), (string) file_get_contents($this->scan), 'the same setting prints alike');
    }

    /** @return array{int, string, string} */
    private function read(?float $lpi = null): array
    {
        $application = new Application(self::bootKernel(['debug' => false]));
        $application->setAutoExit(false);
        $tester = new ApplicationTester($application);
        $status = $tester->run(['command' => 'gain:read', 'input' => $this->scan] + ($lpi === null ? [] : ['--lpi' => (string) $lpi]), ['capture_stderr_separately' => true]);

        return [$status, $tester->getDisplay(), $tester->getErrorOutput()];
    }

    /** @param \Closure(float): float $truth */
    private function scanned(\Closure $truth, float $turnDeg, float $solid, float $cloth, ChartFilm $film): void
    {
        $grid = GainChart::grid(600);
        $print = Screening::with($film->cell, $film->dot, $grid->width)->film(GainChart::tones($grid, $truth), $grid->times, $grid->height);
        file_put_contents($this->scan, (new SimulatedChartPrinter())->laid($film, $print, $turnDeg, $solid, $cloth, new Randomizer(new Mt19937(5))));
    }
}
