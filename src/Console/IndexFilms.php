<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\BaseWay;
use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\Request\UnreadableRequest;
use Ektype\App\Work\FilmSetWriter;
use Ektype\App\Work\InkPalette;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Mix\IndexPlate;
use Ektype\Core\Mix\IndexPlates;
use Ektype\Core\Mix\IndexRequest;
use Ektype\Core\Mix\IndexSeparation;
use Ektype\Core\Mix\InkChoice;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\GivenInk;

/** Films of an index print, with their manifest, in a folder. */
final readonly class IndexFilms
{
    private const USUAL_DPI = 200.0;
    private const BASES = ['white' => '#f6f4ee', 'grey' => '#9a9a98'];

    public function __construct(private FilmsInFolder $folder)
    {
    }

    /**
     * @param list<string> $formats
     * @param list<string> $older   files of a set that lies there already
     *
     * @throws \Ektype\Core\Unit\Refusal|UnreadableRequest where it cannot be
     */
    public function write(SeparateAsked $asked, ArtRaster $art, string $artName, array $formats, FilmPrinter $printer, array $older): IndexPlates
    {
        $garment = Srgb::fromHex($asked->garment);
        if ($asked->palette === null) {
            throw UnreadableRequest::at('palette', 'An index print is made of inks of a shelf. Name its file with --palette=FILE.');
        }
        [$base, $shelf] = self::base($asked, $garment, InkPalette::read($asked->palette));
        $indexDpi = $asked->indexDpi ?? self::USUAL_DPI;
        $index = IndexSeparation::of($art, new IndexRequest($asked->widthMm, $garment, self::chosen($asked, $art, $garment, $shelf, $base), $base, $asked->dpi, $indexDpi));
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
            'warnings' => $index->says,
            // A square's width: what is further off lies on its neighbour.
            'register_budget' => ['mm' => round(25.4 / $indexDpi, 4), 'pairs' => []],
        ], $formats, $printer, $asked->media !== null, $older);

        return $index;
    }

    /**
     * @param non-empty-list<GivenInk> $shelf
     *
     * @return array{GivenInk|null, list<GivenInk>} the base, and what is left to choose from
     */
    private static function base(SeparateAsked $asked, Srgb $garment, array $shelf): array
    {
        $way = $asked->base ?? (Garment::isLight(Lab::of($garment)) ? BaseWay::None : BaseWay::White);
        if ($way === BaseWay::None) {
            return [null, $shelf];
        }
        // The ink of the shelf that is nearest to a white or a grey, where one is near: it needs no second screen.
        $wished = Lab::of(Srgb::fromHex(self::BASES[$way->value]));
        $far = static fn (GivenInk $ink): float => hypot(Lab::of($ink->colour)->l - $wished->l, hypot(Lab::of($ink->colour)->a, Lab::of($ink->colour)->b));
        usort($shelf, static fn (GivenInk $a, GivenInk $b): int => $far($a) <=> $far($b));

        return $far($shelf[0]) < 15 ? [$shelf[0], \array_slice($shelf, 1)] : [new GivenInk(ucfirst($way->value).' base', Srgb::fromHex(self::BASES[$way->value])), $shelf];
    }

    /**
     * @param list<GivenInk> $shelf
     *
     * @return list<GivenInk>
     */
    private static function chosen(SeparateAsked $asked, ArtRaster $art, Srgb $garment, array $shelf, ?GivenInk $base): array
    {
        $many = ($asked->plates ?? \count($shelf) + ($base === null ? 0 : 1)) - ($base === null ? 0 : 1);
        if ($many < 1 || $many > InkChoice::MOST) {
            throw UnreadableRequest::at('plates', \sprintf('%d screens%s leave %d for inks; a picture is printed in 1 to %d. Give the heads that your press has.', $asked->plates ?? \count($shelf), $base === null ? '' : ' with a base', $many, InkChoice::MOST));
        }
        if ($many >= \count($shelf)) {
            return $shelf;
        }
        $counts = (new InkChoice(PictureColours::of($art), $garment, $shelf, base: $base))->upTo($many);
        $chosen = $counts[\count($counts) - 1]->inks ?? [];

        return array_map(static fn (int $i): GivenInk => $shelf[$i], $chosen);
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
