<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Ink\Ink;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\App\Work\Tone\InkCounts;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Method\Simulated\SimulatedPlan;
use Ektype\Core\Mix\ChosenInks;
use Ektype\Core\Mix\ColourShare;
use Ektype\Core\Mix\ImpossibleMix;
use Ektype\Core\Mix\MixInks;
use Ektype\Core\Mix\MixPlan;
use Ektype\Core\Mix\TriedOrder;
use Ektype\Core\Tone\TonalPlan;

/** Which inks a picture in many of them is printed in, how near each set comes, and what it looks like. */
final readonly class SeeInks
{
    public function __construct(private Moment $moment, private InkCounts $counts)
    {
    }

    public function of(int $jobId): InksBench
    {
        [$job, $shelf, $plan] = $this->seen($jobId);
        [$counts, $numbers, $whites] = $this->counts->of($job, $plan);
        $extra = ($whites->base === null ? 0 : 1) + ($whites->highlight === null ? 0 : 1);
        $told = array_map(static fn (ChosenInks $chosen): InkCount => self::told($chosen, $numbers, $shelf, $extra), $counts);
        $advised = MixInks::worthIt($counts);

        return new InksBench(
            $whites->base?->name,
            $whites->highlight?->name,
            $told,
            \count($advised->inks) + $extra,
            self::next($counts, $plan->inks()->inks === null ? \count($advised->inks) : \count($plan->inks()->inks), $numbers, $shelf),
            substr(hash('sha256', serialize([$told, $job->garmentHex, $plan->work()])), 0, 16),
        );
    }

    /** @return string PNG of the nearest that the best inks of a count come */
    public function picture(int $jobId, int $screens): string
    {
        [$job, , $plan] = $this->seen($jobId);
        [$counts, $numbers, $whites] = $this->counts->of($job, $plan);
        $extra = ($whites->base === null ? 0 : 1) + ($whites->highlight === null ? 0 : 1);
        foreach ($counts as $chosen) {
            if (\count($chosen->inks) + $extra === $screens) {
                return $this->counts->picture($job, $plan, array_map(static fn (int $place): int => $numbers[$place], $chosen->inks));
            }
        }
        throw new NotHere();
    }

    /**
     * What some inks would print, before they are taken.
     *
     * @param list<int> $inks
     */
    public function tried(int $jobId, array $inks, ?Srgb $garment, bool $marked = false): TriedInks
    {
        [$job, , $plan] = $this->seen($jobId);
        $chosen = $this->counts->tried($job, $plan, $inks, $garment);
        $picture = $this->counts->picture($job, $plan, $inks, $garment, $marked);

        return new TriedInks($chosen->mean, $chosen->p95, 100 * $chosen->muddyShare, 'data:image/png;base64,'.base64_encode($picture));
    }

    /**
     * Orders of printing, the nearest first, each with how near it comes.
     *
     * @return list<OrderOffer>
     */
    public function orders(int $jobId): array
    {
        [$job, $shelf, $plan] = $this->seen($jobId);
        if (!$plan instanceof SimulatedPlan) {
            throw ImpossibleMix::at('order', 'Squares lie side by side: their order changes nothing that is seen.');
        }

        return array_map(static fn (TriedOrder $tried): OrderOffer => new OrderOffer(
            $tried->school,
            $tried->inks,
            array_map(static fn (int $id): string => $shelf[$id]->name, $tried->inks),
            round($tried->deltaE, 2),
        ), $this->counts->orders($job, $plan));
    }

    /**
     * @param list<int>       $numbers
     * @param array<int, Ink> $shelf
     */
    private static function told(ChosenInks $chosen, array $numbers, array $shelf, int $extra): InkCount
    {
        return new InkCount(
            \count($chosen->inks) + $extra,
            array_map(static function (int $place, float $worth, int $i) use ($numbers, $shelf, $chosen): WorthInk {
                $ink = $shelf[$numbers[$place]];

                return new WorthInk($ink->idOrFail(), $ink->name, $ink->hex, round($worth, 2), array_values(array_unique(array_map(ColourName::of(...), $chosen->where[$i] ?? []))));
            }, $chosen->inks, $chosen->worth, array_keys($chosen->inks)),
            round($chosen->mean, 2),
            round($chosen->p95, 2),
            round(100 * $chosen->muddyShare, 1),
            array_map(static fn (ColourShare $one): MuddyPlace => new MuddyPlace($one->colour->hex(), ColourName::of($one->colour), round(100 * $one->share, 1), round($one->deltaE, 1)), $chosen->muddy),
        );
    }

    /**
     * @param list<ChosenInks> $counts
     * @param list<int>        $numbers
     * @param array<int, Ink>  $shelf
     */
    private static function next(array $counts, int $many, array $numbers, array $shelf): string
    {
        $now = $counts[$many - 1] ?? null;
        $more = $counts[$many] ?? null;
        if ($now === null || $more === null) {
            return '';
        }
        $new = array_values(array_diff($more->inks, $now->inks));
        $gains = $now->mean - $more->mean;

        return $new === [] || $gains < 0.05
            ? 'One more ink of this shelf would gain nothing that is seen.'
            : \sprintf('One more, %s, would bring the print nearer by %.1f, at one screen more%s.', $shelf[$numbers[$new[0]]]->name, $gains, $now->muddyShare > 0 ? \sprintf(', and leave %.1f %% muddy instead of %.1f %%', 100 * $more->muddyShare, 100 * $now->muddyShare) : '');
    }

    /** @return array{Job, array<int, Ink>, TonalPlan&MixPlan} */
    private function seen(int $jobId): array
    {
        [$job, $inks] = $this->moment->see(static fn (Snapshot $shop): array => [$shop->shelves->jobs->whole($jobId), $shop->inks()]);
        $plan = $job->plan();
        if (!$plan instanceof MixPlan || !$plan instanceof TonalPlan) {
            throw ImpossibleMix::at('', 'This job is not printed in many inks of the shelf. Choose simulated process or index for it first.');
        }
        $shelf = [];
        foreach ($inks as $ink) {
            $shelf[$ink->idOrFail()] = $ink;
        }

        return [$job, $shelf, $plan];
    }
}
