<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Shop\FilmPrinter\FilmPrinters;
use Ektype\App\Work\Picture\InkWithin;
use Ektype\App\Work\Picture\PdfDrawing;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Film\FilmPrinter;

/** A picture before it is a job: where its ink is, and how large it can be printed here. Nothing is kept of it. */
final readonly class LookAtArt
{
    public function __construct(private FilmPrinters $printers, private InkWithin $ink)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where it cannot be read */
    public function of(string $path): ArtLooked
    {
        [$art, $ink] = PdfDrawing::opened($path, function (string $path): array {
            $art = ArtFile::at($path);

            return [$art, $this->ink->of($art)];
        });
        $printer = $this->printers->only()?->profile() ?? new FilmPrinter();
        $size = $ink->size($art->width, $art->height);

        return new ArtLooked(
            $ink,
            $art->height / $art->width,
            $size->height / $size->width,
            $printer->name,
            $printer->mediaWidthMm,
            $printer->largestPrintMm($art->height / $art->width) ?? 0.0,
            largestInkMm: $printer->largestPrintMm($size->height / $size->width) ?? 0.0,
        );
    }
}
