<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Plan\Patch;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Press\PressKind;
use Ektype\App\Work\Tone\MethodProof;
use Ektype\App\Work\Tone\SmallArt;
use Ektype\App\Work\Tone\SmallPrint;
use Ektype\App\Work\Tone\ToneProof;
use Ektype\Core\Advice\Care;
use Ektype\Core\Advice\MethodAdvice;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Garment;
use Ektype\Core\Print\PressAtHand;
use Ektype\Core\Print\PrintPlan;
use Ektype\Core\Print\SizeOfPrint;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Tone\ImpossibleTone;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\TonalPlan;
use Ektype\Core\Unit\Refusal;

/** Which methods fit a job's art, each with its print, and what a change to the tones would print. */
final readonly class SeeMethods
{
    public function __construct(private Moment $moment, private SmallArt $art, private MethodProof $proofs, private ToneProof $tones)
    {
    }

    public function of(int $jobId): MethodsBench
    {
        [$job] = $this->seen($jobId);
        $tonal = $this->isTonal($job);
        $followed = $job->method() ?? MethodName::usual();
        $choices = array_map(static fn (MethodName $method): MethodChoice => new MethodChoice($method, $method->title(), self::fits($job, $method, $tonal), $method === $followed), MethodName::cases());
        usort($choices, static fn (MethodChoice $a, MethodChoice $b): int => $b->fits <=> $a->fits);

        return new MethodsBench($choices, $this->tones->histogram($job));
    }

    public function one(int $jobId, MethodName $method): MethodOffer
    {
        [$job, $rack, $plan] = $this->seen($jobId);

        return $this->offer($job, $method, $this->isTonal($job), $rack, $plan);
    }

    /**
     * Every way in which the job can be printed, as it would be.
     *
     * @return list<PrintWay>
     */
    public function ways(int $jobId): array
    {
        return $this->waysOf(...$this->seen($jobId));
    }

    /**
     * @param list<Frame> $rack
     *
     * @return list<PrintWay>
     */
    private function waysOf(Job $job, array $rack, ?PrintPlan $plan): array
    {
        $tonal = $this->isTonal($job);
        $ways = [];
        foreach (MethodName::cases() as $method) {
            try {
                $ways[] = $this->way($job, $method, $tonal, $plan, $this->proofs->of($job, self::plan($job, $method, $rack)));
            } catch (Refusal) {
                // A way that cannot be is none to advise.
            }
        }

        return $ways;
    }

    /** Which of them to take. */
    public function advice(int $jobId, Care $care): AdvisedMethod
    {
        [$job, $rack, $plan] = $this->seen($jobId);
        $advice = MethodAdvice::of($this->waysOf($job, $rack, $plan), $care, $job->quantity, $job->press?->heads);

        return $advice === null ? new AdvisedMethod(null, 'The press has fewer heads than any way needs screens. Choose another press, or print in passes.') : new AdvisedMethod($advice->method, $advice->sentence);
    }

    /** @return string PNG of what a method would print */
    public function picture(int $jobId, MethodName $method): string
    {
        [$job, $rack] = $this->seen($jobId);

        return $this->proofs->of($job, self::plan($job, $method, $rack))->png;
    }

    /**
     * What the job's plan would print after a change.
     *
     * @throws Refusal where such a plan cannot be
     */
    public function proof(int $jobId, Patch $patch, SmallLook $look): TriedTones
    {
        [$job] = $this->seen($jobId);
        $plan = $patch->on($job->plan());
        if (!$plan instanceof TonalPlan) {
            throw ImpossibleTone::because('This job is separated into spot plates, which have no tones. Choose one ink or two tones for it first.');
        }

        return new TriedTones($this->tones->picture($job, $plan, $look), array_map(static fn (int $step): float => round($plan->work()->on(2.0 * $step), 2), range(0, 50)));
    }

    /**
     * Looked at in one moment; what is reckoned from it holds up nobody.
     *
     * @return array{Job, list<Frame>, PrintPlan|null}
     */
    private function seen(int $jobId): array
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId): array {
            $job = $shop->shelves->jobs->whole($jobId);

            return [$job, $shop->frames(), $job->separationIsCurrent() ? (new ScreenBook($job, $shop))->print() : null];
        });
    }

    /** @param list<Frame> $rack */
    private function offer(Job $job, MethodName $method, bool $tonal, array $rack, ?PrintPlan $standing): MethodOffer
    {
        $followed = ($job->method() ?? MethodName::usual()) === $method;
        try {
            $plan = self::plan($job, $method, $rack);
            $print = $this->proofs->of($job, $plan);
        } catch (Refusal $none) {
            return new MethodOffer(
                method: $method,
                title: $method->title(),
                fits: false,
                followed: $followed,
                why: $none->getMessage(),
                cost: new CostOfWay(
                    plates: null,
                    setUpMin: null,
                    secondsAShirt: null,
                    inkGrams: null,
                ),
                off: new OffTheArt(
                    deltaE: null,
                    p95: null,
                    drift: null,
                ),
                risks: [],
                key: '',
            );
        }
        $way = $this->way($job, $method, $tonal, $standing, $print);

        return new MethodOffer(
            method: $method,
            title: $method->title(),
            fits: $way->fits,
            followed: $followed,
            why: $method->why($tonal, \count($print->plates)),
            cost: new CostOfWay(
                plates: \count($print->plates),
                setUpMin: round($way->setUpMin),
                secondsAShirt: round($way->secondsAShirt),
                inkGrams: round($way->inkGrams, 2),
            ),
            off: new OffTheArt(
                deltaE: $print->deltaE,
                p95: $print->p95,
                drift: $print->drift,
            ),
            risks: $way->risks($job->press?->heads, $job->press->name ?? ''),
            key: $print->key,
        );
    }

    /** @param PrintPlan|null $standing of the plates that the job has; null where they are not those of its art now */
    private function way(Job $job, MethodName $method, bool $tonal, ?PrintPlan $standing, SmallPrint $print): PrintWay
    {
        $plan = $standing !== null && $standing->job->method === $method ? $standing : PrintWay::supposed(
            $method,
            $print->plates,
            new SizeOfPrint($job->widthMm, $job->heightMm()),
            $job->clothToPrint(),
            $job->press?->atHand() ?? PressAtHand::none(),
        );

        return new PrintWay($method, $print->plates, self::fits($job, $method, $tonal), $print->deltaE, $print->p95, $plan, automatic: $job->press?->kind === PressKind::Automatic, drift: $print->drift, suitsCloth: $method->suitsCloth(Garment::isLight(Lab::of(Srgb::fromHex($job->garmentHex)))));
    }

    /** Transparent layers want paper or light cloth under them. */
    private static function fits(Job $job, MethodName $method, bool $tonal): bool
    {
        return $method->fits($tonal, Garment::isLight(Lab::of(Srgb::fromHex($job->garmentHex))));
    }

    private function isTonal(Job $job): bool
    {
        return !$job->art->isDrawing() && TonalArt::isOne($this->art->of($job));
    }

    /** @param list<Frame> $rack */
    private static function plan(Job $job, MethodName $method, array $rack): Plan
    {
        return $job->planOf($method) ?? BegunPlan::of($method, $rack);
    }
}
