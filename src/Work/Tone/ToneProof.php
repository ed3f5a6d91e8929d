<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Films\JobPrint;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Tone\PicturesTones;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalPlan;

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
    public function picture(Job $job, TonalPlan $plan, SmallLook $look = new SmallLook()): string
    {
        return SmallArt::png($this->of($job, $plan, $look));
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

    public function of(Job $job, TonalPlan $plan, SmallLook $look = new SmallLook()): \Imagick
    {
        $art = $this->art->of($job);
        $print = $this->print->of($job);

        return $this->pictures($plan)->picture($plan, $art, $print, $this->kept(...), $look);
    }

    /** The plan with all chosen that it leaves to the picture. */
    public function settled(Job $job, TonalPlan $plan): TonalPlan
    {
        return $this->pictures($plan)->settled($plan, $this->art->of($job), $this->print->of($job), $this->kept(...));
    }

    /**
     * @template P of TonalPlan
     *
     * @param P $plan
     *
     * @return PicturesTones<P>
     */
    private function pictures(TonalPlan $plan): PicturesTones
    {
        $method = Methods::of($plan);

        return $method instanceof PicturesTones ? $method : throw new \LogicException('A method of tones shows its print.');
    }

    /**
     * Tables are the same however a picture is bent: they are kept.
     *
     * @param \Closure(): string $reckon
     */
    public function kept(string $key, \Closure $reckon): string
    {
        return $this->drawn->of('tables/'.$key, $reckon);
    }
}
