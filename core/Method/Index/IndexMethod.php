<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Index;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Mix\HullPicture;
use Ektype\Core\Mix\HullPrint;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\InkGamut;
use Ektype\Core\Mix\KeptInks;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixLook;
use Ektype\Core\Mix\MixPicture;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\LaidInk;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PlateArea;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;

/**
 * A picture in square dots of inks side by side.
 *
 * @implements Method<IndexPlan>
 * @implements PicturesTones<IndexPlan>
 */
final class IndexMethod implements Method, PicturesTones
{
    /** Squares of a first look: no finer than the picture on the screen. */
    private const FILM_DPI = 600.0;

    public function begin(array $rack = []): IndexPlan
    {
        return new IndexPlan(squaresDpi: HeldSquares::fitting($rack));
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($progress !== null) {
            $progress('Choosing inks', 0.02);
        }
        $inks = self::inks($plan, $raster, $print);
        if ($show !== null) {
            $show(self::look($plan, $inks, $raster, $print->onScreen($print->widthMm * $raster->height / $raster->width)));
        }
        if ($progress !== null) {
            $progress('Setting the squares', 0.2);
        }
        $request = self::request($plan, $inks, $print);
        $index = IndexSeparation::of($raster, $request);
        $laying = $print->baseStrokes()->laying;
        $evened = WetOnWet::of($index->squares, $index->across, $request);
        $missing = MixLook::missing($inks->asked);
        $mm = round(25.4 / $plan->squaresDpi, 3);
        $plates = [];
        foreach ($index->plates as $i => $plate) {
            $plates[] = self::kept($plate, $index, $mm, $plate->isBase ? $laying : Laying::Once, $i === \count($index->plates) - 1);
        }
        $names = array_map(static fn (SeparatedPlate $p): string => $p->name, array_values(array_filter($plates, static fn (SeparatedPlate $p): bool => $p->role === PlateRole::Colour)));

        return (new Separated(
            $plates,
            Findings::ofTones(
                [...$index->says, ...$missing === '' ? [] : [$missing], ...$evened->says()],
                isset($names[1]) ? [new NeighbourBudget($names[0], $names[1], $mm)] : [],
                \sprintf('A picture in tones, in %d screens of square dots side by side, %.0f an inch: no ruling and no angle, so no moiré.', $inks->screens(), $plan->squaresDpi),
            ),
        ))->by($plan->inkedBy($plan->inks->inks === null ? $plan->inks->exactly(array_keys($inks->colours)) : $plan->inks));
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        $raster = $art->raster($print, asItIs: true);

        return self::look($plan, self::inks($plan, $raster, $print), $raster, $print);
    }

    /** @return list<\Ektype\Core\Separation\Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $inks = KeptInks::of($plan->inks, $small, $print, $kept);
        $print = $look->on === null ? $print : $print->on($look->on);
        $request = self::request($plan, $inks, $print);
        $gamut = new InkGamut($request->garment, $request->inks, $request->base);
        if ($look->on !== null || $look->glance) {
            return HullPicture::of(MixPicture::small($small, $print->widthMm, $plan->work), $gamut, $print->garment);
        }
        $key = hash('sha256', serialize([$gamut->corners, 'index']));
        $prints = $kept('print-'.$key, static fn (): string => MixPicture::woven(...HullPrint::prints($gamut)));

        return MixPicture::of(MixPicture::small($small, $print->widthMm, $plan->work), $prints, $print->garment);
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        return $plan->inkedBy($plan->inks->exactly(array_keys(KeptInks::of($plan->inks, $small, $print, $kept)->colours)));
    }

    private static function inks(IndexPlan $plan, ArtRaster $art, PrintWanted $print): MixInks
    {
        return MixInks::of($print->shelf, $print->garment, static fn (): PictureColours => PictureColours::of($art), $plan->inks);
    }

    /**
     * What an index print of this plan is asked for, its inks chosen where it leaves them to be.
     *
     * @throws ImpossibleMix where there is nothing to print in
     */
    public static function printOf(IndexPlan $plan, ArtRaster $art, PrintWanted $print): IndexRequest
    {
        return self::request($plan, self::inks($plan, $art, $print), $print);
    }

    private static function request(IndexPlan $plan, MixInks $inks, PrintWanted $print): IndexRequest
    {
        $onCloth = $inks->base === null;

        return new IndexRequest(
            $print->widthMm,
            $print->garment,
            array_values(array_map(static fn (GivenInk $ink): GivenInk => MixLook::lying($ink, $onCloth, $print), $inks->colours)),
            $inks->base === null ? null : MixLook::lying($inks->base, true, $print, $print->baseStrokes()->laying),
            $print->dpi,
            $plan->squaresDpi,
            work: $plan->work,
            diffusion: $plan->diffusion,
        );
    }

    /** @return list<FirstPlate> squares as fine as the screen shows them */
    private static function look(IndexPlan $plan, MixInks $inks, ArtRaster $raster, PrintWanted $print): array
    {
        $dpi = min($plan->squaresDpi, $print->dpi);
        $whole = self::request($plan, $inks, $print->at(max(self::FILM_DPI, 2 * $dpi)));
        $request = new IndexRequest($whole->widthMm, $whole->garment, $whole->inks, $whole->base, $whole->dpi, max(40.0, $dpi), work: $whole->work, diffusion: $whole->diffusion);
        $squares = IndexSeparation::squares($raster, $request);
        $across = max(2, (int) round($request->widthMm / 25.4 * $request->indexDpi));
        $map = static fn (string $bytes): CoverageMap => new CoverageMap($across, intdiv(\strlen($bytes), $across), 1, $bytes);
        $plates = [];
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $full = \chr(CoverageMap::FULL);
        if ($request->base !== null) {
            $plates[] = new FirstPlate(PlateRole::Base, $request->base->name, $request->base->colour, null, $request->base->name, $map(strtr($squares, $all, "\0".str_repeat($full, 255))), hiding: $request->base->hiding);
        }
        foreach (IndexSeparation::order($request->inks) as $i) {
            $ink = $request->inks[$i];
            $plates[] = new FirstPlate(PlateRole::Colour, $ink->name, $ink->colour, $ink->colour, $ink->name, $map(strtr($squares, $all, str_repeat("\0", $i + 1).$full.str_repeat("\0", 254 - $i))), hiding: $ink->hiding);
        }

        return $plates;
    }

    private static function kept(IndexPlate $plate, IndexPlates $index, float $mm, Laying $laying, bool $last): SeparatedPlate
    {
        $role = $plate->isBase ? PlateRole::Base : PlateRole::Colour;
        $cm2 = $index->widthMm * $index->heightMm / 100 * $plate->share;

        return new SeparatedPlate(
            $plate->ink->name,
            $role,
            $plate->ink->colour,
            $plate->isBase ? null : $plate->ink->colour,
            $plate->plane,
            PlateArea::of($cm2),
            ink: new LaidInk($plate->ink->name, $laying),
            // A square and the gap between two are what the mesh must hold.
            strokes: StrokeWidths::even($mm),
        );
    }
}
