<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\PngFile;

/** Writes a film set: a PNG a plate, one PDF of all, and the manifest beside them. */
final class FilmSetWriter
{
    /**
     * @param list<FilmPlate>              $plates   in print order
     * @param array<string, mixed>         $manifest gains a “png” for each plate
     * @param (callable(float): void)|null $progress
     *
     * @return list<string> file names within the folder, the manifest last
     */
    public function write(ShopFiles $files, string $folder, string $title, FilmSheet $sheet, array $plates, array $manifest, ?callable $progress = null): array
    {
        $in = $folder === '' ? '' : $folder.'/';
        $pdf = new FilmPdf($sheet, $title);
        $names = [];
        foreach ($plates as $i => $plate) {
            $name = FilmPlate::fileName($i + 1, $plate->name);
            $files->put($in.$name, PngFile::ofPlane(FilmPlane::of($sheet, $plate->plane, $plate->label), $sheet->dpi));
            $pdf->addFilm($plate);
            $names[] = $name;
            if ($progress !== null) {
                $progress(($i + 1) / \count($plates));
            }
        }
        $files->put($in.'films.pdf', $pdf->bytes());
        $files->put($in.'manifest.json', json_encode($manifest, \JSON_PRETTY_PRINT | \JSON_UNESCAPED_SLASHES | \JSON_UNESCAPED_UNICODE | \JSON_THROW_ON_ERROR)."\n");

        return [...$names, 'films.pdf', 'manifest.json'];
    }

    /** @return array<string, mixed> the part of a manifest that the sheet gives */
    public static function sheet(FilmSheet $sheet): array
    {
        $marks = [];
        foreach ($sheet->marks() as $mark) {
            [$x, $y] = $sheet->onFilm($mark->xMm, $mark->yMm);
            $marks[] = ['name' => $mark->name, 'at_mm' => [round($mark->xMm, 4), round($mark->yMm, 4)], 'on_film_mm' => [round($x, 4), round($y, 4)]];
        }

        return [
            'film_mm' => [round($sheet->mm($sheet->widthPx), 4), round($sheet->mm($sheet->heightPx), 4)],
            'dpi' => $sheet->dpi,
            'marks' => $marks,
        ];
    }
}
