<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\FilmSet\FilmPdf;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Work\Chart\SquaresFilm;
use Ektype\App\Work\Films\JobPrint;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Method\Index\IndexMethod;
use Ektype\Core\Method\Index\IndexPlan;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Raster\PngFile;

/** Films to try squares of several sizes with, on the shop’s own meshes. */
final readonly class SeeSquares
{
    /** A mesh over this is for dots and squares, threads per cm. */
    private const FINE_FROM = 70.0;

    public function __construct(private Moment $moment, private JobPrint $print, private ArtOnGarment $art, private string $shopData)
    {
    }

    /** @return string PDF, a page an ink */
    public function pdf(int $jobId): string
    {
        [$job, $rack] = $this->moment->see(static fn (Snapshot $shop): array => [$shop->shelves->jobs->whole($jobId), $shop->frames()]);
        $plan = $job->plan();
        if (!$plan instanceof IndexPlan) {
            throw ImpossibleMix::at('', 'This job prints no squares. Choose index for it first.');
        }
        $print = $this->print->of($job);
        $art = $this->art->of($this->shopData.'/files/'.$job->art->path, $print->widthMm, $print->garment, $print->dpi, $job->framing(), true);
        $fine = array_values(array_filter(array_map(static fn (Frame $f): Mesh => $f->mesh(), $rack), static fn (Mesh $m): bool => $m->threadsPerCm >= self::FINE_FROM));
        $films = SquaresFilm::of($art, IndexMethod::printOf($plan, $art, $print), SquaresFilm::sizes($fine), $job->name);
        $sheet = new FilmSheet($films[0]->plane->width, $films[0]->plane->height, $print->dpi, \count($films), $job->filmProfile()->feedMarginMm);
        $pdf = new FilmPdf($sheet, $job->name);
        $pngs = [];
        try {
            foreach ($films as $film) {
                $pngs[] = $png = (string) tempnam(sys_get_temp_dir(), 'ektype');
                file_put_contents($png, PngFile::ofPlane($film->plane, $print->dpi));
                $pdf->addFilm($film, $png);
            }
        } finally {
            array_map(unlink(...), $pngs);
        }

        return $pdf->bytes();
    }
}
