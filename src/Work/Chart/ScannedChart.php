<?php

declare(strict_types=1);

namespace Ektype\App\Work\Chart;

use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\App\Work\Scan\LostMarks;
use Ektype\Core\Halftone\ChartRuling;
use Ektype\Core\Halftone\ChartScan;
use Ektype\Core\Halftone\GainChart;

/** Reads the scan of a printed gain chart: found by its marks, turned true, patch by patch. */
final readonly class ScannedChart
{
    /** Fine enough for the dots themselves, so that their ruling is seen. */
    private const LOOK_DPI = 300.0;

    public function __construct(private ScannedPositive $scans)
    {
    }

    /**
     * @param float|null $lpi of the plates that it is read for; null takes any
     *
     * @throws \Ektype\Core\Unit\Refusal where it is no chart, lies another way, or has another ruling
     */
    public function read(string $path, ?float $lpi): ReadChart
    {
        $sheet = GainChart::sheet(self::LOOK_DPI);
        try {
            [$lights, $ppi] = $this->scans->lights($path, $sheet);
        } catch (LostMarks) {
            throw LostMarks::at('scan', 'The marks of the chart were not all found on the scan, so its patches cannot be. Scan the print whole, marks and all, at 300 pixels an inch, without scaling; or type the patches in.');
        }
        $readings = ChartScan::read($lights, $sheet->artWidthPx, $sheet->artHeightPx);
        $found = ChartRuling::of($lights, $sheet->artWidthPx, $sheet->artHeightPx, $ppi);
        if ($lpi !== null) {
            ChartRuling::expect($found, $lpi);
        }

        return new ReadChart($readings, $found);
    }
}
