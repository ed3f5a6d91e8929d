<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Simulated;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Mix\AngleSet;
use Ektype\Core\Mix\HeldFlats;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\KeptInks;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixLook;
use Ektype\Core\Mix\MixPicture;
use Ektype\Core\Mix\MixPlates;
use Ektype\Core\Mix\PictureColours;
use Ektype\Core\Mix\PlateAngles;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Separation\ArtSource;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\Method;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\Separated;
use Ektype\Core\Tone\CalmDots;
use Ektype\Core\Tone\FlatColours;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;

/**
 * A picture in dots of many opaque inks over a base.
 *
 * @implements Method<SimulatedPlan>
 * @implements PicturesTones<SimulatedPlan>
 */
final class SimulatedMethod implements Method, PicturesTones
{
    public function begin(array $rack = []): SimulatedPlan
    {
        return new SimulatedPlan(dots: CalmDots::fan(CalmDots::nearest($rack), AngleSet::USUAL, AngleSet::USUAL[0]));
    }

    public function separate(Plan $plan, ArtSource $art, PrintWanted $print, ?callable $progress = null, ?\Closure $show = null): Separated
    {
        $raster = $art->raster($print, asItIs: true);
        if ($progress !== null) {
            $progress('Choosing inks', 0.02);
        }
        $flats = self::flats($plan, $raster, $print);
        $inks = self::inks($plan, $flats, $raster, $print);
        if ($show !== null) {
            $screen = $print->onScreen($print->widthMm * $raster->height / $raster->width);
            $show(MixLook::first(self::request($plan, $inks, $screen, $flats)->mix(), $raster, $screen));
        }
        if ($progress !== null) {
            $progress('Solving all plates together', 0.1);
        }
        $request = self::request($plan, $inks, $print, $flats, $plan->angles)->mix();
        $missing = MixLook::missing($inks->asked);

        return MixLook::separated(
            MixPlates::of($raster, $request),
            self::laying($plan, $print),
            [...$raster->remarks, ...$missing === '' ? [] : [$missing], ...$flats->says()],
            \sprintf('A picture in tones, in %d screens: opaque inks whose dots mix, over %s, and nothing where the garment gives the colour.', $inks->screens(), $inks->base === null ? 'the bare garment' : lcfirst($inks->base->name)),
            $flats->all,
        )->by($plan->inkedBy(self::taken($plan, $inks)));
    }

    public function first(Plan $plan, ArtSource $art, PrintWanted $print, ?\Closure $kept = null): array
    {
        $raster = $art->raster($print, asItIs: true);

        $flats = self::flats($plan, $raster, $print);

        return MixLook::first(self::request($plan, self::inks($plan, $flats, $raster, $print), $print, $flats)->mix(), $raster, $print, $kept);
    }

    /** @return list<\Ektype\Core\Separation\Decision> */
    public function offers(Plan $plan, FoundColour $colour): array
    {
        return [];
    }

    public function picture(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept, SmallLook $look = new SmallLook()): \Imagick
    {
        $flats = self::flats($plan, $small, $print);
        $request = self::request($plan, KeptInks::of($plan->inks->locking($flats->inks()), $small, $print, $kept), $print, $flats)->mix();

        return MixPicture::through($request, MixPicture::small($small, $print->widthMm, $plan->work), $kept, $look);
    }

    public function settled(TonalPlan $plan, ArtRaster $small, PrintWanted $print, \Closure $kept): TonalPlan
    {
        $wish = $plan->inks->locking(self::flats($plan, $small, $print)->inks());

        return $plan->inkedBy($plan->inks->exactly(array_keys(KeptInks::of($wish, $small, $print, $kept)->colours)));
    }

    /** The inks of the plan; chosen where it leaves them to be. */
    private static function inks(SimulatedPlan $plan, HeldFlats $flats, ArtRaster $art, PrintWanted $print): MixInks
    {
        return MixInks::of($print->shelf, $print->garment, static fn (): PictureColours => PictureColours::of($art), $plan->inks->locking($flats->inks()));
    }

    /** Flat colours that print solid, in inks of the plan where it names them, else in those of the shelf. */
    private static function flats(SimulatedPlan $plan, ArtRaster $art, PrintWanted $print): HeldFlats
    {
        [$base, $highlight, $others] = MixInks::whites(array_filter($print->shelf, static fn (GivenInk $ink): bool => !$ink->transparent), $print->garment, $plan->inks);
        $named = $plan->inks->inks;
        $inks = $named === null ? array_diff_key($others, array_flip($plan->inks->forbidden)) : array_intersect_key($print->shelf, array_flip($named));

        $screens = $plan->inks->screens === null ? MixInks::USUAL : $plan->inks->screens - ($base === null ? 0 : 1) - ($highlight === null ? 0 : 1);

        return HeldFlats::of(FlatColours::of($art), $inks, $base, $print->garment, $plan->flats, $named === null ? HeldFlats::room($screens) : \count($named));
    }

    /** @param PlateAngles $angles of films; what is only looked at has no dots, and one is as good as several */
    public static function request(SimulatedPlan $plan, MixInks $inks, PrintWanted $print, ?HeldFlats $flats = null, PlateAngles $angles = PlateAngles::One): SimulatedRequest
    {
        $onCloth = $inks->base === null;

        return new SimulatedRequest(
            $print->widthMm,
            $print->garment,
            array_values(array_map(static fn (GivenInk $ink): GivenInk => MixLook::lying($ink, $onCloth, $print), $inks->colours)),
            $inks->base === null ? null : MixLook::lying($inks->base, true, $print, self::laying($plan, $print)),
            $inks->highlight,
            $print->dpi,
            dots: $plan->dots,
            curve: $print->curve,
            work: $plan->work,
            order: $plan->order,
            curves: $plan->curves,
            mesh: $print->mesh,
            angles: $angles,
            scatterMm: $print->sigmaMm,
            flats: $flats?->solid() ?? [],
        );
    }

    /** What was chosen stays chosen until something else is asked for. */
    private static function taken(SimulatedPlan $plan, MixInks $inks): InkWish
    {
        return $plan->inks->inks === null ? $plan->inks->exactly(array_keys($inks->colours)) : $plan->inks;
    }

    private static function laying(SimulatedPlan $plan, PrintWanted $print): Laying
    {
        return $plan->laying ?? $print->baseStrokes()->laying;
    }
}
