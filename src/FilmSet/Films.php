<?php

declare(strict_types=1);

namespace Ektype\App\FilmSet;

use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\FilmWay;
use Ektype\Core\Raster\BitPlane;

/** Films that belong together: one a plate, the same marks on all, and what their manifest says of them. */
final readonly class Films
{
    /**
     * @param list<FilmPlate>      $plates   in print order
     * @param list<string>         $formats
     * @param array<string, mixed> $manifest its `plates` stand in the same order; sheet, marks, files and media are added as they are written
     * @param bool                 $nested   whether the set is also laid out on the media as one PDF
     */
    public function __construct(
        public string $title,
        public FilmSheet $sheet,
        public array $plates,
        public array $formats,
        public FilmPrinter $printer,
        public array $manifest,
        public bool $nested = false,
        public FilmWay $way = new FilmWay(),
    ) {
    }

    /**
     * A film that is no plate of a print: a chart, a strip to test with.
     *
     * @param list<string>         $formats
     * @param float|null           $finestMm its thinnest line and gap
     * @param array<string, mixed> $more     for the manifest
     */
    public static function ofOne(FilmPlate $film, FilmSheet $sheet, array $formats, FilmPrinter $printer, ?float $finestMm, array $more): self
    {
        $plane = $film->plane;
        $cm2 = round($sheet->mm($plane->count()) * $sheet->mm(1) / 100, 3);

        return new self($film->name, $sheet, [$film], $formats, $printer, [
            'art' => $film->name,
            'width_mm' => round($sheet->mm($plane->width), 4),
            'height_mm' => round($sheet->mm($plane->height), 4),
            'garment' => '#ffffff',
            'choke_mm' => 0.0,
            'trap_mm' => 0.0,
            'plates' => [[
                'name' => $film->name,
                'role' => 'colour',
                'hex' => '#000000',
                'ink' => '',
                'coverage_pct' => self::pct($plane),
                'area_cm2' => $cm2,
                'art_area_cm2' => $cm2,
                'overprints' => false,
                'finest_line_mm' => $finestMm,
                'finest_gap_mm' => $finestMm,
            ]],
            'register_budget' => ['mm' => null, 'pairs' => []],
            'witness_spots' => [],
            ...$more,
        ]);
    }

    private static function pct(BitPlane $plane): float
    {
        return round(100 * $plane->count() / ($plane->width * $plane->height), 4);
    }
}
