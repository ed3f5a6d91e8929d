<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Method\Index\IndexPlan;
use Ektype\Core\Method\Index\IndexPlate;
use Ektype\Core\Method\Index\IndexPlates;
use Ektype\Core\Method\Index\IndexRequest;
use Ektype\Core\Method\Index\IndexSeparation;
use Ektype\Core\Plate\PlateRole;

/** Films of an index print, with their manifest, in a folder. */
final readonly class IndexFilms
{
    public function __construct(private FilmsInFolder $folder)
    {
    }

    /**
     * @param list<string> $formats
     * @param list<string> $older   files of a set that lies there already
     *
     * @throws \Ektype\Core\Unit\Refusal|\Ektype\App\Request\UnreadableRequest where it cannot be
     */
    public function write(SeparateAsked $asked, ArtRaster $art, string $artName, array $formats, FilmPrinter $printer, array $older): IndexPlates
    {
        $choice = ShelfChoice::of($asked, $art);
        $indexDpi = $asked->indexDpi ?? IndexPlan::USUAL_DPI;
        $index = IndexSeparation::of($art, new IndexRequest($asked->widthMm, Srgb::fromHex($asked->garment), $choice->inks, $choice->base, $asked->dpi, $indexDpi, diffusion: $asked->diffusion));
        $sheet = new FilmSheet($index->plates[0]->plane->width, $index->plates[0]->plane->height, $asked->dpi, \count($index->plates), $printer->feedMarginMm, $asked->stepWedge);
        $films = $described = [];
        foreach ($index->plates as $i => $plate) {
            $films[] = new FilmPlate($plate->ink->name, $plate->plane, \sprintf('%s   plate %d of %d   %s   on %s   index %.0f dpi   this way up, ink side up', $artName, $i + 1, \count($index->plates), $plate->ink->name, $asked->garment, $indexDpi));
            $described[] = self::described($plate, $i, $index, $indexDpi, $formats);
        }
        $size = [round($index->widthMm, 4), round($index->heightMm, 4)];
        $this->folder->write($asked->out, $artName, $sheet, $films, [
            'art' => $artName,
            'method' => $asked->method->value,
            'width_mm' => $size[0],
            'height_mm' => $size[1],
            'size_mm' => $size,
            'garment' => $asked->garment,
            'choke_mm' => 0.0,
            'trap_mm' => 0.0,
            'index_dpi' => $indexDpi,
            ...FilmSetWriter::sheet($sheet, $printer),
            'plates' => $described,
            'witness_spots' => [],
            'diffusion' => $asked->diffusion->value,
            'warnings' => [...$index->says, ...$choice->says],
            // A square's width: what is further off lies on its neighbour.
            'register_budget' => ['mm' => round(25.4 / $indexDpi, 4), 'pairs' => []],
        ], $formats, $printer, $asked->media !== null, $older);

        return $index;
    }

    /**
     * @param list<string> $formats
     *
     * @return array<string, mixed>
     */
    private static function described(IndexPlate $plate, int $i, IndexPlates $index, float $indexDpi, array $formats): array
    {
        $cm2 = round($index->widthMm * $index->heightMm / 100 * $plate->share, 3);

        return [
            'name' => $plate->ink->name,
            'role' => ($plate->isBase ? PlateRole::Base : PlateRole::Colour)->value,
            'hex' => $plate->ink->colour->hex(),
            'ink' => $plate->ink->name,
            'ink_hiding' => $plate->ink->hiding,
            'method' => 'index',
            'index_dpi' => $indexDpi,
            'coverage_pct' => round(100 * $plate->share, 4),
            'area_cm2' => $cm2,
            'art_area_cm2' => $cm2,
            'overprints' => false,
            // Squares are held by their size, not by their width.
            'finest_line_mm' => null,
            'finest_gap_mm' => null,
            ...FilmSetWriter::filesOf($i + 1, $plate->ink->name, $formats),
        ];
    }
}
