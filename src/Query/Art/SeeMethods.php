<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Tone\MethodProof;
use Ektype\App\Work\Tone\SmallArt;
use Ektype\App\Work\Tone\ToneProof;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\MethodName;
use Ektype\Core\Separation\Plan;
use Ektype\Core\Tone\OneInkPlan;
use Ektype\Core\Tone\TonalArt;
use Ektype\Core\Tone\TonesWished;
use Ektype\Core\Tone\TwoTonePlan;
use Ektype\Core\Unit\Refusal;

/** Which methods fit a job's art, each with its print, and what a change to the tones would print. */
final readonly class SeeMethods
{
    public function __construct(private Moment $moment, private SmallArt $art, private MethodProof $proofs, private ToneProof $tones)
    {
    }

    public function of(int $jobId): MethodsBench
    {
        [$job, $rack] = $this->seen($jobId);
        $tonal = !$job->art->isDrawing() && TonalArt::isOne($this->art->of($job));
        $offers = array_map(fn (MethodName $method): MethodOffer => $this->offer($job, $method, $tonal, $rack), MethodName::cases());
        usort($offers, static fn (MethodOffer $a, MethodOffer $b): int => $b->fits <=> $a->fits);

        return new MethodsBench($offers, $this->tones->histogram($job));
    }

    /** @return string PNG of what a method would print */
    public function picture(int $jobId, MethodName $method): string
    {
        [$job, $rack] = $this->seen($jobId);

        return $this->proofs->of($job, self::plan($job, $method, $rack))->png;
    }

    /**
     * What the job's plan would print after a change; uncorrected, from a film that does not undo the gain of the press.
     *
     * @throws Refusal where such a plan cannot be
     */
    public function proof(int $jobId, TonesWished $wished, ?Srgb $onGarment, bool $uncorrected = false): TriedTones
    {
        [$job] = $this->seen($jobId);
        $plan = $wished->on($job->plan());

        return new TriedTones($this->tones->picture($job, $plan, $onGarment, $uncorrected), array_map(static fn (int $step): float => round($plan->work()->on(2.0 * $step), 2), range(0, 50)));
    }

    /**
     * Looked at in one moment; what is reckoned from it holds up nobody.
     *
     * @return array{Job, list<Frame>}
     */
    private function seen(int $jobId): array
    {
        return $this->moment->see(static fn (Snapshot $shop): array => [$shop->shelves->jobs->whole($jobId), $shop->frames()]);
    }

    /** @param list<Frame> $rack */
    private function offer(Job $job, MethodName $method, bool $tonal, array $rack): MethodOffer
    {
        $followed = ($job->method() ?? MethodName::Spot) === $method;
        try {
            $plan = self::plan($job, $method, $rack);
            $print = $this->proofs->of($job, $plan);
        } catch (Refusal $none) {
            return new MethodOffer($method, false, $followed, $none->getMessage(), null, null, '');
        }

        return new MethodOffer($method, $method->isTonal() === $tonal, $followed, self::why($plan, $tonal, $print->plates), $print->plates, $print->deltaE, $print->key);
    }

    /** @param list<Frame> $rack */
    private static function plan(Job $job, MethodName $method, array $rack): Plan
    {
        return $job->planOf($method) ?? BegunPlan::of($method, $rack);
    }

    private static function why(Plan $plan, bool $tonal, int $plates): string
    {
        return match (true) {
            $plan instanceof OneInkPlan => $tonal
                ? 'One screen. Dots of one ink carry the tones, and the garment is the other end of them.'
                : 'Flat colours would become shades of one ink: fewer screens, other colours.',
            $plan instanceof TwoTonePlan => $tonal
                ? 'Two screens of one ruling. A dark and a light ink share the tones, and the garment stands between them.'
                : 'Flat colours would become mixtures of a dark and a light ink.',
            default => $tonal
                ? \sprintf('%d plates with hard edges: blends of this picture become steps.', $plates)
                : \sprintf('%d %s, one an ink, with clean edges and no dots.', $plates, $plates === 1 ? 'plate' : 'plates'),
        };
    }
}
