<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\DrawnPlate;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\LaidInk;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PlateArea;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;

/**
 * A picture in a chain of transparent tints, each over all that lies below; plates drawn by hand join the chain at its end.
 *
 * @implements Method<LayersPlan>
 * @implements PicturesTones<LayersPlan>
 */
final class LayersMethod implements Method, PicturesTones
{
    /** Thinner lines than this are left out of what a mesh must hold: grain is no line, mm. */
    private const GRAIN_MM = 0.2;

    public function begin(array $rack = []): LayersPlan
    {
        return new LayersPlan();
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($progress !== null) {
            $progress('Proposing tints', 0.05);
        }
        $chain = self::chain($plan, $raster, $print);
        if ($show !== null) {
            $show(self::look($plan, $chain, $raster, $print->onScreen($print->widthMm * $raster->height / $raster->width)));
        }
        if ($progress !== null) {
            $progress('Cutting the layers', 0.2);
        }
        $planes = LayerPlates::of($raster, $chain, $plan->edge, $print->widthMm, $print->dpi, $plan->work);
        $drawn = $art->positives();
        if ($drawn === [] && array_filter($planes, static fn (BitPlane $plane): bool => !$plane->isBlank()) === []) {
            throw ImpossibleMix::nothingPrints();
        }
        $names = ColourName::toldApart(array_map(ColourName::of(...), $chain->tints));
        $layers = [
            ...array_map(static fn (BitPlane $plane, int $i): DrawnPlate => new DrawnPlate(new GivenInk($names[$i], $chain->tints[$i], transparent: true), $plane), $planes, array_keys($planes)),
            ...$drawn,
        ];
        $plates = [];
        foreach ($layers as $i => $layer) {
            $plates[] = self::kept($layer, $i, \count($layers), $print, $raster, $i >= \count($planes));
        }

        return (new Separated(
            $plates,
            Findings::ofTones(
                [...$raster->remarks, ...self::recipes($chain->tints, $names, $print), ...self::idle($plates)],
                [],
                \sprintf('A picture in %d transparent layers: each multiplies what lies below, so %d colours come of them on this ground.', \count($layers), 1 << \count($layers)),
            ),
        ))->by(new LayersPlan($plan->work, $plan->layers, $chain->tints, $plan->edge));
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        $raster = $art->raster($print, asItIs: true);

        return self::look($plan, self::chain($plan, $raster, $print), $raster, $print);
    }

    /** @return list<\Ektype\Core\Separation\Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $chain = self::keptChain($plan, $small, $print, $kept);
        $hexes = array_map(static fn (Srgb $tint): string => $tint->hex(), $chain->tints);
        $table = LayerTable::read($kept('layers-'.hash('sha256', serialize([$chain->paper->hex(), $hexes, $plan->edge->value])), static fn (): string => LayerTable::of($chain, $plan->edge)->written()));
        $masks = LayerPlates::masks($small, $chain, $plan->edge, $small->width, $small->height, $print->widthMm, work: $plan->work, known: $table);
        // The layers are those of their own paper.
        $chain = $look->on === null ? $chain : new LayerChain($look->on, $chain->tints);
        $layers = str_repeat("\0", $small->width * $small->height);
        foreach ($masks as $i => $mask) {
            $layers |= strtr($mask->tones, "\xff", \chr(1 << $i));
        }
        $colours = [];
        foreach ($chain->colours as $set => $colour) {
            $colours[\chr($set)] = \chr($colour->red).\chr($colour->green).\chr($colour->blue);
        }

        return ArtTones::of($small, $small->width, $small->height, $print->widthMm, $plan->work)->print($layers, $colours, $look->on ?? $print->garment);
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        return new LayersPlan($plan->work, $plan->layers, self::keptChain($plan, $small, $print, $kept)->tints, $plan->edge);
    }

    private static function chain(LayersPlan $plan, ArtRaster $art, PrintWanted $print): LayerChain
    {
        return new LayerChain($print->garment, $plan->tints ?? LayerTints::proposed(PictureColours::of($art), $print->garment, $plan->layers));
    }

    /** @param \Closure(string, \Closure(): string): string $kept */
    private static function keptChain(LayersPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): LayerChain
    {
        if ($plan->tints !== null) {
            return new LayerChain($print->garment, $plan->tints);
        }
        $key = hash('sha256', serialize([hash('sha256', $small->rgb), $print->garment->hex(), $plan->layers]));
        $hexes = explode(' ', $kept('tints-'.$key, static fn (): string => implode(' ', array_map(static fn (Srgb $tint): string => $tint->hex(), self::chain($plan, $small, $print)->tints))));

        return new LayerChain($print->garment, array_map(Srgb::fromHex(...), $hexes));
    }

    /** @return list<FirstPlate> */
    private static function look(LayersPlan $plan, LayerChain $chain, ArtRaster $raster, PrintWanted $print): array
    {
        $width = min($raster->width, (int) round($print->widthMm / 25.4 * $print->dpi));
        $masks = LayerPlates::masks($raster, $chain, $plan->edge, $width, max(1, (int) round($width * $raster->height / $raster->width)), $print->widthMm, work: $plan->work);
        $names = ColourName::toldApart(array_map(ColourName::of(...), $chain->tints));

        return array_map(static fn (ToneRaster $mask, int $i): FirstPlate => new FirstPlate(PlateRole::Colour, $names[$i], $chain->tints[$i], $chain->tints[$i], '', CoverageMap::asTheyAre($mask), hiding: 1.0, transparent: true), $masks, array_keys($masks));
    }

    private static function kept(DrawnPlate $layer, int $i, int $many, PrintWanted $print, ArtRaster $raster, bool $drawn): SeparatedPlate
    {
        $plane = $layer->plane;
        $cm2 = $print->widthMm ** 2 * $raster->height / $raster->width / 100 * $plane->count() / ($plane->width * $plane->height);

        return new SeparatedPlate(
            $layer->ink->name,
            PlateRole::Colour,
            $layer->ink->colour,
            $layer->ink->colour,
            $plane,
            PlateArea::of($cm2),
            ink: new LaidInk(mixed: true),
            strokes: StrokeWidths::of($plane, $print->dpi, self::GRAIN_MM),
        );
    }

    /**
     * @param list<Srgb>   $tints
     * @param list<string> $names
     *
     * @return list<string>
     */
    private static function recipes(array $tints, array $names, PrintWanted $print): array
    {
        $own = array_values(array_filter($print->shelf, static fn (GivenInk $ink): bool => $ink->transparent));
        $says = [];
        foreach ($tints as $i => $tint) {
            $recipe = TintRecipe::of($tint, $own === [] ? FourInks::usual()->inOrder() : $own);
            if ($recipe !== null) {
                $says[] = \sprintf('%s, by weight: %s%s. Pull a drawdown on your paper before you mix all of it%s.', $names[$i], $recipe->says(), $recipe->deltaE > 3 ? \sprintf(' (comes within ΔE00 %.1f)', $recipe->deltaE) : '', $own === [] ? '; your shelf has no transparent inks, so these are usual ones' : '');
            }
        }

        return $says;
    }

    /**
     * @param list<SeparatedPlate> $plates
     *
     * @return list<string>
     */
    private static function idle(array $plates): array
    {
        return array_values(array_map(
            static fn (SeparatedPlate $plate): string => \sprintf('%s prints next to nothing: leave it out and save its screen.', $plate->name),
            array_filter($plates, static fn (SeparatedPlate $plate): bool => $plate->coveragePct < 0.05),
        ));
    }
}
