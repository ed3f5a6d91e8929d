<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\JobPrint;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Tone\ColourTable;
use Ektype\Core\Tone\Middle;
use Ektype\Core\Tone\OneInkMethod;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\TwoToneMethod;
use Ektype\Core\Tone\TwoTonePlan;

/** What a plan would print, as a small picture: before any film is drawn. */
final readonly class ToneProof
{
    public function __construct(private SmallArt $art, private JobPrint $print, private DrawnOnce $drawn)
    {
    }

    /**
     * @return string PNG
     *
     * @throws \Ektype\Core\Unit\Refusal where the plan cannot be
     */
    public function picture(Job $job, OneInkPlan|TwoTonePlan $plan, ?Srgb $onGarment = null, bool $uncorrected = false): string
    {
        return SmallArt::png($this->of($job, $plan, $onGarment, $uncorrected));
    }

    /** @return list<float> how much of the picture has each of 64 lightnesses, dark to light, together 1 */
    public function histogram(Job $job): array
    {
        $art = $this->art->of($job);
        $all = $art->width * $art->height;
        $bins = array_fill(0, 64, 0);
        for ($at = 0; $at < 3 * $all; $at += 12) {
            $bins[min(63, (int) (SmallArt::lab($art->rgb, $at)->l * 0.64))] += 4 / $all;
        }

        return array_map(floatval(...), array_values($bins));
    }

    /** @param bool $uncorrected from a film that does not undo the gain of the press */
    public function of(Job $job, OneInkPlan|TwoTonePlan $plan, ?Srgb $onGarment = null, bool $uncorrected = false): \Imagick
    {
        $art = $this->art->of($job);
        $print = $this->print->of($job);
        if ($onGarment !== null) {
            $print = new PrintWanted($print->widthMm, $onGarment, $print->dpi, $print->sigmaMm, $print->shelf, $print->sinks, $print->curve);
        }

        return $plan instanceof OneInkPlan
            ? OneInkMethod::print($plan, $art, $print, $uncorrected)
            : TwoToneMethod::print($plan, $art, $print, $this->table($plan, $art, $print), $uncorrected);
    }

    /** The table of two inks on a garment is the same however the picture is bent: it is kept. */
    private function table(TwoTonePlan $plan, ArtRaster $art, PrintWanted $print): ?ColourTable
    {
        if (($plan->middle ?? Middle::of($art)) === Middle::Garment) {
            return null;
        }

        return ColourTable::read($this->drawn->of(
            'tables/'.TwoToneMethod::key($plan, $print),
            static fn (): string => TwoToneMethod::table($plan, $art, $print)?->written() ?? '',
        ));
    }
}
