<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Device\ChartPrinter;
use Ektype\App\FilmSet\FilmPdf;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Chart\ChartFilm;
use Ektype\App\Work\Chart\ScannedChart;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Tone\PlannedDots;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Unit\Refusal;

/** The gain chart in the dots of a job’s plates: its film, and what a scan of its print says. */
final readonly class SeeChart
{
    public function __construct(private Moment $moment, private ScannedChart $scans, private ChartPrinter $printer)
    {
    }

    /** @throws Refusal where the job has no dots */
    public function pdf(int $jobId): string
    {
        $job = $this->job($jobId);
        $film = self::film($job);
        $png = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($png, PngFile::ofPlane($film->plate->plane, $film->sheet->dpi));
            $pdf = new FilmPdf($film->sheet, ChartFilm::NAME);
            $pdf->addFilm($film->plate, $png);
        } finally {
            unlink($png);
        }

        return $pdf->bytes();
    }

    /** @throws Refusal where it is no chart, lies another way, or has another ruling */
    public function scanned(int $jobId, string $path): ChartSeen
    {
        return ChartSeen::of($this->scans->read($path, self::dots($this->job($jobId))->halftone->lpi), null);
    }

    /** Printed and scanned by the stand-in. */
    public function simulated(int $jobId): ChartSeen
    {
        $job = $this->job($jobId);
        $scan = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($scan, $this->printer->scan(self::film($job), $job->gainSetting()));

            return ChartSeen::of($this->scans->read($scan, self::dots($job)->halftone->lpi), $this->printer->name());
        } finally {
            unlink($scan);
        }
    }

    /** What prints and scans where nobody’s press does, as it is called on screen. */
    public function device(): string
    {
        return $this->printer->name();
    }

    private function job(int $jobId): Job
    {
        return $this->moment->see(static fn (Snapshot $shop): Job => $shop->shelves->jobs->whole($jobId));
    }

    private static function film(Job $job): ChartFilm
    {
        $dots = self::dots($job);

        return ChartFilm::of($job->filmProfile()->dpi, $dots->halftone->lpi, $dots->halftone->angleDeg, $dots->dot);
    }

    private static function dots(Job $job): PlannedDots
    {
        $plan = $job->plan();

        return $plan instanceof TonalPlan && $plan->method()->hasDots() ? $plan->dots() : throw NoDots::at('', 'This job prints no picture in dots, so there is no ruling to draw a chart at. Choose one ink or two tones for it first.');
    }
}
