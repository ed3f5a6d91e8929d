<?php

declare(strict_types=1);

namespace Ektype\Core\Method\OneInk;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\Strokes;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\CalmDots;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\InkTones;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Tone\TonalPlates;

/**
 * A picture in dots of one ink.
 *
 * @implements Method<OneInkPlan>
 * @implements PicturesTones<OneInkPlan>
 */
final class OneInkMethod implements Method, PicturesTones
{
    public function name(): MethodName
    {
        return MethodName::of(OneInkPlan::class);
    }

    public function begin(array $rack = []): OneInkPlan
    {
        return new OneInkPlan(dots: CalmDots::on($rack));
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($show !== null) {
            $show($this->look($plan, $raster, $print->onScreen($print->widthMm * $raster->height / $raster->width)));
        }
        if ($progress !== null) {
            $progress('Turning tones into dots', 0.3);
        }
        $request = self::request($plan, $print);
        $plate = OneInk::of($raster, $request);
        $laying = self::laying($request->ink, $print->garment);

        return new Separated(
            [TonalPlates::kept($plate, self::stands($request->ink, $print->garment), $laying)],
            Findings::ofTones($plate->says, [], \sprintf('A picture in tones, in %s alone: its dots carry the tones, and the garment shows between them.', $request->ink->name)),
        );
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        return $this->look($plan, $art->raster($print, asItIs: true), $print);
    }

    /** @return list<\Ektype\Core\Separation\Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $print = $look->on === null ? $print : $print->on($look->on);

        return OneInk::print(ArtTones::of($small, $small->width, $small->height, $print->widthMm, $plan->work), self::request($plan, $print), $look->uncorrected);
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        return $plan;
    }

    /** How it hides as it lies on this garment. */
    public static function lying(GivenInk $ink, PrintWanted $print): GivenInk
    {
        return new GivenInk($ink->name, $ink->colour, self::laying($ink, $print->garment)->hiding($ink->hiding * (1 - $print->sinks)));
    }

    /** @return list<FirstPlate> */
    private function look(OneInkPlan $plan, ArtRaster $raster, PrintWanted $print): array
    {
        $request = self::request($plan, $print);
        $width = min($raster->width, (int) round($print->widthMm / 25.4 * $print->dpi));
        $height = max(1, (int) round($width * $raster->height / $raster->width));
        $tones = ArtTones::of($raster, $width, $height, $print->widthMm, $plan->work);
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $table = (new InkTones($request->garment, [$request->ink], $request->printedRange()))->tables()[0];

        return [TonalPlates::seen($tones->where(strtr($tones->lights(), $all, $table)), $request->ink, self::stands($request->ink, $print->garment))];
    }

    private static function request(OneInkPlan $plan, PrintWanted $print): OneInkRequest
    {
        $opaque = $print->opaque();
        $ink = $print->shelf[$plan->ink ?? 0] ?? ($opaque === []
            ? throw ImpossibleTone::at('ink', 'There is no ink on the shelf to print the picture in. Put one there.')
            : InkTones::furthest($print->garment, ...$opaque));

        return new OneInkRequest(
            $print->widthMm,
            $print->garment,
            self::lying($ink, $print),
            $print->dpi,
            $plan->dots->halftone,
            $plan->dots->dot,
            $plan->dots->range,
            $print->curve,
            $plan->work,
        );
    }

    private static function laying(GivenInk $ink, Srgb $garment): Laying
    {
        return self::isLighter($ink, $garment) ? Strokes::alone(Lab::of($garment))->laying : Laying::Once;
    }

    private static function stands(GivenInk $ink, Srgb $garment): Srgb
    {
        return new Srgb(...self::isLighter($ink, $garment) ? TonalPlates::LIGHT_END : TonalPlates::DARK_END);
    }

    private static function isLighter(GivenInk $ink, Srgb $garment): bool
    {
        return Lab::of($ink->colour)->l > Lab::of($garment)->l;
    }
}
