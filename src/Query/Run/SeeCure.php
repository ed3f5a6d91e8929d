<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Device\DryerProbe;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Dryer\ShopDryer;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NothingToSee;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Cure\CurePlan;
use Ektype\Core\Cure\CureVerdict;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Cure\DryerLearned;
use Ektype\Core\Cure\ProbeLog;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Press\CureCautions;
use Ektype\Core\Print\PrintPlan;

/** How the prints of a job cure. */
final readonly class SeeCure
{
    public function __construct(private Moment $moment, private DryerProbe $probe)
    {
    }

    public function of(int $jobId, ?int $dryer, ?ProbeLog $log = null): CureBench
    {
        return $this->moment->see(fn (Snapshot $shop): CureBench => $this->bench($shop->shelves->jobs->whole($jobId), $dryer, $shop, $log));
    }

    /** How much heat the dryer gives, as this run of the probe has it. */
    public function times(int $jobId, int $dryer, ProbeLog $log): float
    {
        return $this->moment->see(static function (Snapshot $shop) use ($jobId, $dryer, $log): float {
            $job = $shop->shelves->jobs->whole($jobId);
            $set = $shop->shelves->printing->dryers->get($dryer)->set();
            [, $film] = self::asks(new ScreenBook($job, $shop));

            return DryerLearned::times($log, $set, $film, Underlay::of($job->substrate), $log->seconds[\count($log->seconds) - 1]);
        });
    }

    /** A run of the stand-in’s probe, as its logger writes it. */
    public function simulated(int $jobId, int $dryer): string
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId, $dryer): string {
            $job = $shop->shelves->jobs->whole($jobId);
            $kept = $shop->shelves->printing->dryers->get($dryer);
            [$need, $film] = self::asks(new ScreenBook($job, $shop));
            $plan = CurePlan::of($kept->dryer(), $film, $job->substrate, $need);

            return $this->probe->run($kept->set(), $film, Underlay::of($job->substrate), $need, $plan->dwellS, $jobId);
        });
    }

    private function bench(Job $job, ?int $asked, Snapshot $shop, ?ProbeLog $log): CureBench
    {
        $book = new ScreenBook($job, $shop);
        $print = $book->print() ?? throw NothingToSee::because('There is nothing to cure yet: separate the art first.');
        $dryers = $shop->shelves->printing->dryers->all();
        $at = array_values(array_filter($dryers, static fn (ShopDryer $d): bool => $d->id === $asked))[0] ?? $dryers[0] ?? null;
        $kinds = self::kinds($book);
        $cures = array_filter($kinds, static fn (InkKind $k): bool => $k->traits()->cure() !== null) !== [];
        [$need, $film, $ink] = self::asks($book);
        $plan = $cures ? CurePlan::of($at?->dryer() ?? new Dryer(), $film, $job->substrate, $need) : null;

        return new CureBench(
            array_map(static fn (ShopDryer $d): DryerOnShelf => new DryerOnShelf($d->idOrFail(), $d->set(), $d->runs()), $dryers),
            $at?->idOrFail(),
            $ink,
            $film,
            $plan,
            rhythm: $plan === null ? '' : self::rhythm($plan, $print),
            cautions: CureCautions::of($kinds, $job->substrate, false),
            probe: $this->probe->name(),
            log: $log,
            verdict: $log === null ? null : CureVerdict::of($log, $need),
        );
    }

    /** @return array{CureNeed, float, string} what the ink that asks most needs, its film as it stands, µm, and its name */
    private static function asks(ScreenBook $book): array
    {
        $most = [CureNeed::plastisol(), 0.0, ''];
        foreach ($book->print()->plates ?? [] as $i => $print) {
            $plate = $book->plates[$i];
            $need = ($plate->ink->kind ?? InkKind::Plastisol)->traits()->cure();
            $film = $print->deposit->wetUm * (1 - ($need->water ?? 0.0));
            if ($need !== null && ($most[2] === '' || [$need->holdS, $film] > [$most[0]->holdS, $most[1]])) {
                $most = [$need, $film, $plate->ink->name ?? $plate->name];
            }
        }

        return [$most[0], max(1.0, $most[1]), $most[2]];
    }

    /** @return list<InkKind> */
    private static function kinds(ScreenBook $book): array
    {
        return array_map(static fn (Plate $p): InkKind => $p->ink->kind ?? InkKind::Plastisol, $book->plates);
    }

    private static function rhythm(CurePlan $plan, PrintPlan $print): string
    {
        return $plan->anHour < $print->rhythm->piecesAnHour
            ? \sprintf('The belt lets %.0f an hour through and the press prints %.0f: the dryer sets the pace. Lay two abreast, or print slower and keep the belt as it is.', $plan->anHour, $print->rhythm->piecesAnHour)
            : \sprintf('The belt lets %.0f an hour through, the press prints %.0f.', $plan->anHour, $print->rhythm->piecesAnHour);
    }
}
