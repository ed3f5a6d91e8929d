<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Work\FilmPdf;
use Ektype\App\Work\JobArt;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;

/** The marks of a job on an empty film, to draw plates over by hand. */
final readonly class MarkSheet
{
    public function __construct(private Jobs $jobs)
    {
    }

    public function of(int $jobId): FilmSheet
    {
        return $this->jobs->get($jobId)->filmSheet(JobArt::DRAWN_OVER);
    }

    public function pdf(int $jobId): string
    {
        $job = $this->jobs->get($jobId);
        $sheet = $job->filmSheet(JobArt::DRAWN_OVER);
        $empty = new FilmPlate($job->name, BitPlane::blank(8, 8), $job->name.'   mark sheet, draw each plate over these marks');
        $png = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($png, PngFile::ofPlane($empty->plane, $sheet->dpi));
            $pdf = new FilmPdf($sheet, $job->name);
            $pdf->addFilm($empty, $png);
        } finally {
            unlink($png);
        }

        return $pdf->bytes();
    }
}
