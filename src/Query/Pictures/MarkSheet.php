<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\App\FilmSet\FilmPdf;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Work\Picture\JobArt;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;

/** The marks of a job on an empty film, to draw plates over by hand. */
final readonly class MarkSheet
{
    public function __construct(private Jobs $jobs, private Pull $pull)
    {
    }

    public function of(int $jobId): FilmSheet
    {
        return $this->jobs->get($jobId)->filmSheet(JobArt::DRAWN_OVER);
    }

    /** @param int $stage plates that lie below already, printed faintly to draw over; 0 for an empty sheet */
    public function pdf(int $jobId, int $stage = 0): string
    {
        $job = $this->jobs->whole($jobId);
        $sheet = $job->filmSheet(JobArt::DRAWN_OVER);
        $empty = new FilmPlate($job->name, BitPlane::blank(8, 8), $stage === 0
            ? $job->name.'   mark sheet, draw each plate over these marks'
            : \sprintf('%s   after %d of %d, true size, lay it under the next drawing', $job->name, $stage, \count($job->platesInOrder())));
        $png = (string) tempnam(sys_get_temp_dir(), 'ektype');
        $below = $png.'.png';
        try {
            file_put_contents($png, PngFile::ofPlane($empty->plane, $sheet->dpi));
            $pdf = new FilmPdf($sheet, $job->name);
            $pdf->addFilm($empty, $png);
            if ($stage > 0) {
                file_put_contents($below, $this->pull->onCloth($job, $stage));
                $pdf->layBelow($below);
            }
        } finally {
            array_map(static fn (string $file): bool => is_file($file) && unlink($file), [$png, $below]);
        }

        return $pdf->bytes();
    }
}
