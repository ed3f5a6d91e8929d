<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Process;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Mix\FourInks;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixLook;
use Ektype\Core\Mix\MixPicture;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Tone\CalmDots;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;

/**
 * A picture in dots of transparent yellow, magenta, cyan and black.
 *
 * @implements Method<ProcessPlan>
 * @implements PicturesTones<ProcessPlan>
 */
final class ProcessMethod implements Method, PicturesTones
{
    /** Mesh that four-colour process is usually printed through, threads per inch (heuristic: 280 to 355). */
    private const USUAL_MESH = 305.0;

    public function begin(array $rack = []): ProcessPlan
    {
        return new ProcessPlan(dots: CalmDots::fan(CalmDots::nearest($rack, self::USUAL_MESH), AngleSchool::FAN, AngleSchool::CYAN));
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($show !== null) {
            $screen = $print->onScreen($print->widthMm * $raster->height / $raster->width);
            $show(MixLook::first(self::request($plan, $screen)->mix(), $raster, $screen));
        }
        if ($progress !== null) {
            $progress('Solving all plates together', 0.1);
        }
        $request = self::request($plan, $print);
        $mix = $request->mix();

        return MixLook::separated(
            MixPlates::of($raster, $mix),
            $print->baseStrokes()->laying,
            [...$raster->remarks, ...self::onCloth($request, $print->garment)],
            \sprintf('A picture in tones, in transparent yellow, magenta, cyan and black over %s: each lets what lies below shine through.', $request->base === null ? 'the bare garment' : lcfirst($request->base->name)),
        );
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        return MixLook::first(self::request($plan, $print)->mix(), $art->raster($print, asItIs: true), $print, $kept);
    }

    /** @return list<\Ektype\Core\Separation\Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $request = self::request($plan, $print)->mix();

        return MixPicture::through($request, MixPicture::small($small, $print->widthMm, $plan->work), $kept, $look);
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        return $plan;
    }

    private static function request(ProcessPlan $plan, PrintWanted $print): ProcessRequest
    {
        $opaque = array_filter($print->shelf, static fn (GivenInk $ink): bool => !$ink->transparent);
        [$base] = MixInks::whites($opaque, $print->garment, new InkWish(base: $plan->baseOn($print->garment)));

        return new ProcessRequest(
            $print->widthMm,
            $print->garment,
            FourInks::of($print->shelf),
            $base === null ? null : MixLook::lying($base, true, $print, $print->baseStrokes()->laying),
            $print->dpi,
            $plan,
            curve: $print->curve,
        );
    }

    /** @return list<string> */
    private static function onCloth(ProcessRequest $request, Srgb $garment): array
    {
        return $request->base !== null || Garment::isLight(Lab::of($garment)) ? [] : ['These inks are transparent: on this garment its colour shines through all of them. Print a white base under them.'];
    }
}
