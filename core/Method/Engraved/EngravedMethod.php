<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Engraved;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Plate\Tones;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\Decision;
use Ektype\Core\Separation\Findings;
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
use Ektype\Core\Tone\TonePlate;

/**
 * A picture in lines of one ink that swell with its tones.
 *
 * @implements Method<EngravedPlan>
 * @implements PicturesTones<EngravedPlan>
 */
final class EngravedMethod implements Method, PicturesTones
{
    /** Its thinnest line is what the usual mesh of the rack holds, with a half to spare. */
    public function begin(array $rack = []): EngravedPlan
    {
        return new EngravedPlan(thinnestMm: min(EngravedPlan::MOST_THIN_MM, max(EngravedPlan::THINNEST_MM, self::held(CalmDots::nearest($rack)))));
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($show !== null) {
            $show($this->look($plan, $raster, $print->onScreen($print->widthMm * $raster->height / $raster->width)));
        }
        if ($progress !== null) {
            $progress('Drawing the lines', 0.3);
        }
        $ink = SingleInk::on($print);
        $dots = $plan->dots();
        $grid = ToneGrid::for($print->widthMm, $raster->width, $raster->height, $print->dpi);
        $picture = ArtTones::of($raster, $grid->tonesAcross, $grid->tonesDown, $print->widthMm, $plan->work);
        $shown = $ink->tones(self::printed($plan, $print));
        $tones = $picture->where(strtr($picture->lights(), implode('', array_map(\chr(...), range(0, 255))), $shown->tables()[0]));
        $plate = new TonePlate(
            $ink->ink,
            (new SwellingLines($dots->halftone, $print->dpi))->film($print->curve?->on($tones) ?? $tones, $grid->times, $grid->width, $grid->height),
            $dots->halftone,
            $dots->dot,
            $dots->range,
            $grid->width / $print->dpi * 25.4,
            heightMm: $grid->height / $print->dpi * 25.4,
            tones: $tones,
            says: [...$raster->remarks, ...$shown->says(count_chars($picture->lights(), 1))],
        );

        return new Separated(
            [TonalPlates::kept($plate, $ink->stands, $ink->laying)],
            Findings::ofTones($plate->says, [], \sprintf('A picture in tones, in %s alone: %g lines an inch swell with its tones, from %.2f mm on.', $ink->ink->name, $plan->perInch, $plan->thinnestMm)),
        );
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        return $this->look($plan, $art->raster($print, asItIs: true), $print);
    }

    /** @return list<Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $print = $look->on === null ? $print : $print->on($look->on);
        $ink = SingleInk::on($print);

        return SingleInk::print(
            ArtTones::of($small, $small->width, $small->height, $print->widthMm, $plan->work),
            $print->garment,
            $ink->ink,
            $ink->tones(self::printed($plan, $print)),
            $look->uncorrected ? $print->curve : null,
        );
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        return $plan;
    }

    /** @return list<\Ektype\Core\Separation\FirstPlate> */
    private function look(EngravedPlan $plan, ArtRaster $raster, PrintWanted $print): array
    {
        return SingleInk::on($print)->look($raster, $print, $plan->work, self::printed($plan, $print));
    }

    /** What the thinnest lines and gaps of the film are on the cloth. */
    private static function printed(EngravedPlan $plan, PrintWanted $print): Tones
    {
        $range = $plan->dots()->range;

        return $print->curve?->printed($range) ?? $range;
    }

    /** A line and a gap of one and a half times what the mesh holds at all, mm (heuristic). */
    private static function held(Mesh $mesh): float
    {
        return round(1.5 * min($mesh->finestLineMm, $mesh->finestGapMm), 2);
    }
}
