<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Ink\Inks;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Films\JobPrint;
use Ektype\Core\Advice\Repeatability;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Separation\Methods;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Separation\PlateShare;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Tone\TonalPlan;

/** What each method would print of a job's art, small; what was drawn once is kept. */
final readonly class MethodProof
{
    /** What is kept of a proof. */
    private const VERSION = 4;

    public function __construct(private SmallArt $art, private ToneProof $tones, private JobPrint $print, private SpotPicture $spot, private Inks $inks, private DrawnOnce $drawn)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where nothing would print */
    public function of(Job $job, Plan $plan): SmallPrint
    {
        $key = $this->key($job, $plan);
        $kept = \sprintf('jobs/%d/proof-%s', $job->idOrFail(), $key);
        $print = unserialize($this->drawn->of($kept, fn (): string => serialize($this->drawn($job, $plan, $key))), ['allowed_classes' => [SmallPrint::class, PlateShare::class, PlateRole::class, Laying::class, Lab::class]]);

        return $print instanceof SmallPrint ? $print : throw new \UnexpectedValueException('The small print of a method is damaged. Bring the art again.');
    }

    private function drawn(Job $job, Plan $plan, string $key): SmallPrint
    {
        $art = $this->art->of($job);
        if ($plan instanceof TonalPlan) {
            $plan = $this->tones->settled($job, $plan);
            $print = $this->tones->of($job, $plan);
            $whole = $this->print->of($job);
            $first = Methods::of($plan)->first($plan, new OnlyArt($art), $whole->at(25.4 * $art->width / $whole->widthMm), $this->tones->kept(...));
        } else {
            [$print, $first] = $plan instanceof SpotPlan ? $this->spot->of($plan, $art, $this->print->of($job), PulledPrint::sinks($job->substrate)) : throw new \LogicException('There is no such way of separating.');
        }
        [$mean, $p95] = OffArt::of($art, $print);

        return new SmallPrint($key, SmallArt::png($print), array_map(OffArt::share(...), $first), round($mean, 2), round($p95, 2), round(Repeatability::of($first, Srgb::fromHex($job->garmentHex)), 2));
    }

    private function key(Job $job, Plan $plan): string
    {
        $shelf = [];
        foreach ($this->inks->all() as $ink) {
            $shelf[] = [$ink->id, $ink->hex, $ink->hiding, $ink->kind->value];
        }

        return substr(hash('sha256', serialize([self::VERSION, $job->separationKey($plan), $job->substrate->value, $shelf])), 0, 16);
    }
}
