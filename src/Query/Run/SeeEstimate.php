<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NothingToSee;
use Ektype\App\Shop\Press\PressKind;
use Ektype\App\Work\Picture\ProofPage;
use Ektype\Core\Advice\PrintWay;
use Ektype\Core\Estimate\Estimate;
use Ektype\Core\Estimate\JobToPrice;
use Ektype\Core\Estimate\LearnedRates;
use Ektype\Core\Estimate\Rates;
use Ektype\Core\Estimate\RunDone;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Press\Rhythm;
use Ektype\Core\Run\RunCount;
use Ektype\Core\Separation\MethodName;

/** Estimate and quote of a job, by the shop’s rates and by what its runs really took. */
final readonly class SeeEstimate
{
    /** Of so many runs that ended pace and spoilage are learned. */
    private const RUNS = 40;

    /** Of a screen whose frame nobody has chosen, ml (trade default: two coats a side on a frame of 50 × 60 cm). */
    private const EMULSION_ML = 30.0;

    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId, ?int $pieces): EstimateBench
    {
        return $this->moment->see(fn (Snapshot $shop): EstimateBench => $this->bench($shop->shelves->jobs->whole($jobId), $pieces, $shop));
    }

    /**
     * Each way that fits the art, priced by the same rates; the cheapest first.
     *
     * @param list<PrintWay> $ways
     *
     * @return list<WayPriced>
     */
    public function ways(int $jobId, ?int $pieces, array $ways): array
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId, $pieces, $ways): array {
            $job = $shop->shelves->jobs->whole($jobId);
            $rates = $shop->shelves->printing->prices->ours()->rates();
            $learned = new LearnedRates(array_values($this->runs($shop)));
            $book = new ScreenBook($job, $shop);
            $emulsion = $book->plates === [] ? self::EMULSION_ML : array_sum(array_map(static fn (int $i): float => $book->emulsionMl($i), array_keys($book->plates))) / \count($book->plates);
            $now = $book->print() === null ? null : $this->bench($job, $pieces, $shop)->estimate;
            $priced = array_map(static function (PrintWay $way) use ($job, $rates, $learned, $pieces, $emulsion, $now): WayPriced {
                $followed = $way->method === ($job->method() ?? MethodName::usual());
                $screens = \count($way->plates);
                $sheet = $job->filmSheet($screens);
                // The way that is followed has its plates, and one price.
                $estimate = $followed && $now !== null ? $now : Estimate::of(new JobToPrice(
                    $screens,
                    $job->withoutFilm ? 0.0 : $screens * $sheet->mm($sheet->widthPx) * $sheet->mm($sheet->heightPx) / 1e6,
                    $screens * $emulsion,
                    $way->inkGrams,
                    Rhythm::withPauses($way->secondsAShirt),
                    $job->press?->kind === PressKind::Automatic ? 2 : 1,
                ), $rates, $pieces ?? max(1, $job->quantity), $learned);

                return new WayPriced($way->method, $way->method->title(), $followed, $screens, $way->mean, $estimate->eachCents, $estimate->totalCents, $estimate->minutes / 60);
            }, array_values(array_filter($ways, static fn (PrintWay $way): bool => $way->fits && $way->secondsAShirt > 0)));
            usort($priced, static fn (WayPriced $a, WayPriced $b): int => [$a->totalCents, $a->title] <=> [$b->totalCents, $b->title]);

            return $priced;
        });
    }

    /** The page that a customer is sent. */
    public function quote(int $jobId, ?int $pieces): string
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId, $pieces): string {
            $job = $shop->shelves->jobs->whole($jobId);
            $bench = $this->bench($job, $pieces, $shop);
            $page = new ProofPage('Quote for '.$job->name);
            $page->head($job->name, implode(', ', array_filter(['Quote of '.$shop->now->format('j F Y'), $job->customer === '' ? '' : 'for '.$job->customer], static fn (string $one): bool => $one !== '')));
            $page->fact('Print', \sprintf('%.0f × %.0f mm, %s, %d %s', $job->widthMm, $job->heightMm(), $job->place, $bench->uses->screens, $bench->uses->screens === 1 ? 'colour' : 'colours'));
            $page->fact('Printed on', trim($job->substrate->value.' '.$job->garment.', '.$job->cloth(), ', ').($bench->rates->garmentCents === 0 ? ', brought by you' : ''));
            $page->fact('Price', \sprintf('%s for %d, %s each', self::money($bench->estimate->totalCents, $bench->rates), $bench->estimate->pieces, self::money($bench->estimate->eachCents, $bench->rates)));
            if ($job->dueOn !== null) {
                $page->fact('Due', (new \DateTimeImmutable($job->dueOn))->format('j F Y'));
            }
            $page->small('By quantity:');
            foreach ($bench->curve as $at) {
                $page->fact((string) $at->pieces, \sprintf('%s each, %s', self::money($at->eachCents, $bench->rates), self::money($at->totalCents, $bench->rates)));
            }
            $page->sign();

            return $page->bytes();
        });
    }

    private function bench(Job $job, ?int $pieces, Snapshot $shop): EstimateBench
    {
        $book = new ScreenBook($job, $shop);
        $plan = $book->print() ?? throw NothingToSee::because('There is nothing to price yet: separate the art first.');
        $pieces ??= max(1, $job->quantity);
        $changes = $book->changes();
        $counted = max(1, array_sum(array_map(static fn (LineChange $c): int => $c->pieces, $changes)));
        $minutes = array_sum(array_map(static fn (LineChange $c): float => $c->minutes, $changes));
        $sheet = $job->filmSheet(\count($book->plates));
        $uses = new JobToPrice(
            \count($book->plates),
            $job->withoutFilm ? 0.0 : \count($book->plates) * $sheet->mm($sheet->widthPx) * $sheet->mm($sheet->heightPx) / 1e6,
            array_sum(array_map(static fn (int $i): float => $book->emulsionMl($i), array_keys($book->plates))),
            array_sum(array_map(static fn (LineChange $c): float => $c->inkGrams, $changes)) / $counted,
            $minutes > 0 ? 60 * $minutes / $counted : 60 * $plan->minutes() / $plan->job->pieces,
            $plan->rhythm->hands,
        );
        $rates = $shop->shelves->printing->prices->ours()->rates();
        $done = $this->runs($shop);
        $learned = new LearnedRates(array_values($done));

        return new EstimateBench($rates, Estimate::of($uses, $rates, $pieces, $learned), Estimate::curve($uses, $rates, $pieces, $learned), $uses, $learned, self::says($learned, $rates, $done[$job->idOrFail()] ?? null));
    }

    /** @return array<int, RunDone> by job */
    private function runs(Snapshot $shop): array
    {
        $done = [];
        foreach ($shop->shelves->printing->runs->jobs(self::RUNS) as $job) {
            $order = SeeRunBoard::order($job, new ScreenBook($job, $shop));
            $count = RunCount::of($order, $shop->shelves->printing->runs->of($job), (int) $shop->now->format('Uv'));
            if ($count->goes->endedMs !== null || ($count->ordered > 0 && $count->good >= $count->ordered)) {
                $done[$job->idOrFail()] = new RunDone($order->secondsAPiece, $count->goes->pace->measured > 0 ? $count->goes->pace->realS : 0.0, $count->good, $count->misprints);
            }
        }

        return $done;
    }

    /** @return list<string> */
    private static function says(LearnedRates $learned, Rates $rates, ?RunDone $own): array
    {
        $says = [$learned->runs === 0
            ? 'Pace and spoilage are those that were reckoned and written down; the first runs that are counted make them this shop’s own.'
            : \sprintf('By %d %s of this shop a piece takes %.2f times what is reckoned (%.2f to %.2f nine times in ten), and %.1f %% are spoiled.', $learned->runs, $learned->runs === 1 ? 'run' : 'runs', $learned->pace, $learned->paceLow, $learned->paceHigh, 100 * $learned->spoiled($rates->spoiled))];
        if ($own !== null) {
            $says[] = \sprintf('This run took %.0f s a piece (%.0f reckoned) with %d %s in %d.', $own->realS, $own->reckonedS, $own->misprints, $own->misprints === 1 ? 'misprint' : 'misprints', $own->good + $own->misprints);
        }

        return $says;
    }

    private static function money(int $cents, Rates $rates): string
    {
        return \sprintf('%s %s', number_format($cents / 100, 2), $rates->currency);
    }
}
