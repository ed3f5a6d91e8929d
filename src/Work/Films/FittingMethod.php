<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\App\Shop\Frame\Frames;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Picture\ArtOnce;
use Ektype\Core\Method\OneInk\OneInkPlan;
use Ektype\Core\Method\TwoTone\TwoTonePlan;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Tone\TonalArt;

/** Which method a new picture begins with, and with which dots: those that the rack holds calmly. */
final readonly class FittingMethod
{
    /** Two tones need inks so far apart in number. */
    private const BOTH = 2;

    public function __construct(private Frames $frames)
    {
    }

    /** A flat picture in spot plates; one in tones in two of them where the shelf has a dark and a light ink. */
    public function of(Job $job, ArtOnce $art, PrintWanted $print): Plan
    {
        if ($job->art->isDrawing() || $job->spotPlan()->positives !== [] || !TonalArt::isOne($art->raster($print))) {
            return $job->spotPlan();
        }

        return BegunPlan::of(\count($print->opaque()) >= self::BOTH ? MethodName::of(TwoTonePlan::class) : MethodName::of(OneInkPlan::class), $this->frames->all());
    }
}
