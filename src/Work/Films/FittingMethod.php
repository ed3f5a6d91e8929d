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
use Ektype\Core\Tone\TonalArt;

/** Which method a new picture opens in, and with which dots: those that the rack holds calmly. */
final readonly class FittingMethod
{
    /** A way is chosen by the picture at so many pixels. */
    private const SIDE = 300;

    public function __construct(private Frames $frames)
    {
    }

    /** The plan that was chosen; for a new picture spot plates where it is flat, else the way that shows it with this shelf and press. */
    public function of(Job $job, ArtOnce $art, PrintWanted $print): OpenedIn
    {
        if ($job->method() !== null) {
            return new OpenedIn($job->plan());
        }
        if ($job->art->isDrawing() || $job->spotPlan()->positives !== [] || !self::isInTones($art->raster($print))) {
            return new OpenedIn($job->spotPlan());
        }
        $way = OpeningWay::of(SmallArt::sized($art->raster($print, asItIs: true), self::SIDE), $print, $job->press?->heads);
        $plan = BegunPlan::of($way->method, $this->frames->all());

        return new OpenedIn($plan instanceof MixPlan && $way->screens !== null ? $plan->inkedBy(new InkWish(screens: $way->screens)) : $plan, $way->missing);
    }

    /** Tones all over, or flat parts beside a photograph: more colours than spot plates can follow. */
    private static function isInTones(ArtRaster $art): bool
    {
        return TonalArt::isOne($art) || (self::isBeyondSpot(SmallArt::sized($art, self::SIDE)) && self::isBeyondSpot($art));
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
