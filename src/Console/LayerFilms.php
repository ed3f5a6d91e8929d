<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\SeparateAsked;
use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\App\FilmSet\FilmsInFolder;
use Ektype\App\Work\Picture\InkPalette;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Method\Layers\LayerChain;
use Ektype\Core\Method\Layers\LayerPlates;
use Ektype\Core\Method\Layers\LayersPlan;
use Ektype\Core\Method\Layers\LayerTints;
use Ektype\Core\Method\Layers\TintRecipe;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Tone\ToneWork;

/** Films of a picture in transparent layers, with their manifest, in a folder. */
final readonly class LayerFilms
{
    public function __construct(private FilmsInFolder $folder)
    {
    }

    /**
     * @param list<string> $formats
     * @param list<string> $older   files of a set that lies there already
     *
     * @return array{int, float, float} how many films, and their print, mm
     *
     * @throws \Ektype\Core\Unit\Refusal|\Ektype\App\Request\UnreadableRequest where it cannot be
     */
    public function write(SeparateAsked $asked, ArtRaster $art, string $artName, array $formats, FilmPrinter $printer, array $older): array
    {
        $paper = Srgb::fromHex($asked->garment);
        $inks = $asked->palette === null ? FourInks::usual()->inOrder() : InkPalette::read($asked->palette);
        $chain = new LayerChain($paper, LayerTints::proposed(PictureColours::of($art), $paper, $asked->plates ?? LayersPlan::USUAL));
        $planes = LayerPlates::of($art, $chain, $asked->edge, $asked->widthMm, $asked->dpi, new ToneWork());
        if (array_filter($planes, static fn (BitPlane $plane): bool => !$plane->isBlank()) === []) {
            throw ImpossibleMix::nothingPrints();
        }
        $sheet = new FilmSheet($planes[0]->width ?? 0, $planes[0]->height ?? 0, $asked->dpi, \count($planes), $printer->feedMarginMm, $asked->stepWedge);
        $size = [round(($planes[0]->width ?? 0) / $asked->dpi * 25.4, 4), round(($planes[0]->height ?? 0) / $asked->dpi * 25.4, 4)];
        $names = ColourName::toldApart(array_map(ColourName::of(...), $chain->tints));
        $films = $described = [];
        foreach ($planes as $i => $plane) {
            $films[] = new FilmPlate($names[$i], $plane, \sprintf('%s   layer %d of %d   %s   on %s   transparent   this way up, ink side up', $artName, $i + 1, \count($planes), $names[$i], $asked->garment));
            $described[] = self::described($plane, $chain->tints[$i], $names[$i], $i, $inks, $size, $formats);
        }
        $this->folder->write($asked->out, $artName, $sheet, $films, [
            'art' => $artName,
            'method' => $asked->method->value,
            'width_mm' => $size[0],
            'height_mm' => $size[1],
            'size_mm' => $size,
            'garment' => $asked->garment,
            'choke_mm' => 0.0,
            'trap_mm' => 0.0,
            'edge' => $asked->edge->value,
            ...FilmSetWriter::sheet($sheet, $printer),
            'plates' => $described,
            'witness_spots' => [],
            'warnings' => $art->remarks,
            'register_budget' => ['mm' => null, 'pairs' => []],
        ], $formats, $printer, $asked->media !== null, $older);

        return [\count($planes), $size[0], $size[1]];
    }

    /**
     * @param list<GivenInk>      $inks
     * @param array{float, float} $size
     * @param list<string>        $formats
     *
     * @return array<string, mixed>
     */
    private static function described(BitPlane $plane, Srgb $tint, string $name, int $i, array $inks, array $size, array $formats): array
    {
        $share = $plane->count() / ($plane->width * $plane->height);
        $recipe = TintRecipe::of($tint, $inks);

        return [
            'name' => $name,
            'role' => PlateRole::Colour->value,
            'hex' => $tint->hex(),
            'ink' => $name,
            'ink_hiding' => 0.0,
            'ink_kind' => 'transparent',
            'mix' => $recipe?->says(),
            'mix_delta_e' => $recipe === null ? null : round($recipe->deltaE, 2),
            'method' => 'layers',
            'coverage_pct' => round(100 * $share, 4),
            'area_cm2' => round($size[0] * $size[1] / 100 * $share, 3),
            'art_area_cm2' => round($size[0] * $size[1] / 100 * $share, 3),
            'overprints' => true,
            'finest_line_mm' => null,
            'finest_gap_mm' => null,
            ...FilmSetWriter::filesOf($i + 1, $name, $formats),
        ];
    }
}
