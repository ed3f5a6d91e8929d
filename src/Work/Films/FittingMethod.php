<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Picture\ArtOnce;
use Ektype\App\Work\Tone\SmallArt;
use Ektype\Core\Advice\OpeningWay;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Mix\InkWish;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Separation\ImpossibleSeparation;
use Ektype\Core\Separation\PaletteFinder;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Tone\FlatColour;
use Ektype\Core\Tone\FlatColours;
use Ektype\Core\Tone\TonalArt;

/** Which method a new picture opens in, and with which dots: those that the rack holds calmly. */
final readonly class FittingMethod
{
    /** A way is chosen by the picture at so many pixels. */
    private const SIDE = 300;
    /** Less of it in flat colours is a picture with flat parts, more a drawing with edges between them (heuristic). */
    private const FLAT = 0.5;

    public function __construct(private Frames $frames)
    {
    }

    /** The plan that was chosen; for a new picture spot plates where it is flat, else the way that shows it with this shelf and press. */
    public function of(Job $job, ArtOnce $art, PrintWanted $print): OpenedIn
    {
        if ($job->method() !== null) {
            return new OpenedIn($job->plan());
        }
        if ($job->art->isDrawing() || $job->spotPlan()->positives !== [] || !self::isInTones($art->raster($print), static fn (): ArtRaster => $art->raster($print, asItIs: true))) {
            return new OpenedIn($job->spotPlan());
        }
        $way = OpeningWay::of(SmallArt::sized($art->raster($print, asItIs: true), self::SIDE), $print, $job->press?->heads);
        $plan = BegunPlan::of($way->method, $this->frames->all());

        return new OpenedIn($plan instanceof MixPlan && $way->screens !== null ? $plan->inkedBy(new InkWish(screens: $way->screens)) : $plan, $way->missing);
    }

    /**
     * Tones all over, or flat parts beside a photograph: more colours than spot plates can follow.
     *
     * @param \Closure(): ArtRaster $asItIs with what is clear of it, opened only where that is asked
     */
    private static function isInTones(ArtRaster $art, \Closure $asItIs): bool
    {
        return TonalArt::isOne($art) || (self::isBeyondSpot(SmallArt::sized($art, self::SIDE)) && (self::flatShare($asItIs()) < self::FLAT || self::isBeyondSpot($art)));
    }

    /** How much of a picture lies in flat colours, 0–1: where it is little, no palette of it needs to be tried. */
    private static function flatShare(ArtRaster $art): float
    {
        return array_sum(array_map(static fn (FlatColour $flat): float => $flat->share, FlatColours::of($art)));
    }

    private static function isBeyondSpot(ArtRaster $art): bool
    {
        try {
            PaletteFinder::find($art);

            return false;
        } catch (ImpossibleSeparation) {
            return true;
        }
    }
}
