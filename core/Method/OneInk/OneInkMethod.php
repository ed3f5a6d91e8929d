<?php

declare(strict_types=1);

namespace Ektype\Core\Method\OneInk;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Findings;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\CalmDots;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SingleInk;
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
        $ink = SingleInk::on($print, $plan->ink);
        $plate = OneInk::of($raster, self::request($plan, $print));

        return new Separated(
            [TonalPlates::kept($plate, $ink->stands, $ink->laying)],
            Findings::ofTones($plate->says, [], \sprintf('A picture in tones, in %s alone: its dots carry the tones, and the garment shows between them.', $ink->ink->name)),
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

    /** @return list<FirstPlate> */
    private function look(OneInkPlan $plan, ArtRaster $raster, PrintWanted $print): array
    {
        return SingleInk::on($print, $plan->ink)->look($raster, $print, $plan->work, self::request($plan, $print)->printedRange());
    }

    private static function request(OneInkPlan $plan, PrintWanted $print): OneInkRequest
    {
        return new OneInkRequest(
            $print->widthMm,
            $print->garment,
            SingleInk::on($print, $plan->ink)->ink,
            $print->dpi,
            $plan->dots->halftone,
            $plan->dots->dot,
            range: $plan->dots->range,
            curve: $print->curve,
            work: $plan->work,
        );
    }
}
