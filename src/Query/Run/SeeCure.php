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
use Ektype\Core\Cure\CureLearned;
use Ektype\Core\Cure\CurePlan;
use Ektype\Core\Cure\CureVerdict;
use Ektype\Core\Cure\Dryer;
use Ektype\Core\Cure\DryerLearned;
use Ektype\Core\Cure\HeatLimit;
use Ektype\Core\Cure\ProbeLog;
use Ektype\Core\Cure\WearTest;
use Ektype\Core\Flash\Underlay;
use Ektype\Core\Ink\CureNeed;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Ink\Vehicle;
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
            $most = self::asks(new ScreenBook($job, $shop), $shop);

            return DryerLearned::times($log, $set, $most->filmUm, Underlay::of($job->substrate), $log->seconds[\count($log->seconds) - 1]);
        });
    }

    /** A run of the stand-in’s probe, as its logger writes it. */
    public function simulated(int $jobId, int $dryer): string
    {
        return $this->moment->see(function (Snapshot $shop) use ($jobId, $dryer): string {
            $job = $shop->shelves->jobs->whole($jobId);
            $kept = $shop->shelves->printing->dryers->get($dryer);
            $most = self::asks(new ScreenBook($job, $shop), $shop);
            $plan = CurePlan::of($kept->dryer(), $most->filmUm, $job->substrate, $most->need);

            return $this->probe->run($kept->set(), $most->filmUm, Underlay::of($job->substrate), $most->need, $plan->dwellS, $jobId);
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
        $most = self::asks($book, $shop);
        $tests = array_values($shop->shelves->printing->trials->wear());
        $plan = $cures ? CurePlan::of($at?->dryer() ?? new Dryer(), $most->filmUm, $job->substrate, $most->need, tests: $tests) : null;

        return new CureBench(
            array_map(static fn (ShopDryer $d): DryerOnShelf => new DryerOnShelf($d->idOrFail(), $d->set(), $d->runs()), $dryers),
            $at?->idOrFail(),
            $most->ink,
            $most->filmUm,
            $plan,
            rhythm: $plan === null ? '' : self::rhythm($plan, $print),
            cautions: CureCautions::of($kinds, $job->substrate, false),
            probe: $this->probe->name(),
            wear: self::wear($job, $most, $shop),
            log: $log,
            verdict: $log === null ? null : CureVerdict::of($log, $most->need),
        );
    }

    /** By the trade, and what the tests of this shop have moved of it. */
    private static function asks(ScreenBook $book, Snapshot $shop): AsksMost
    {
        $most = null;
        foreach ($book->print()->plates ?? [] as $i => $print) {
            $plate = $book->plates[$i];
            $traits = ($plate->ink->kind ?? InkKind::Plastisol)->traits();
            $need = $traits->cure();
            if ($need === null) {
                continue;
            }
            $film = $print->deposit->wetUm * (1 - $need->water);
            if ($most === null || [$need->holdS, $film] > [$most->need->holdS, $most->filmUm]) {
                $most = new AsksMost($need, $film, $plate->ink->name ?? $plate->name, $traits->vehicle());
            }
        }
        $most ??= new AsksMost(CureNeed::plastisol(), 0.0, '', Vehicle::Oil);

        return new AsksMost(CureLearned::need($most->need, $most->vehicle, array_values($shop->shelves->printing->trials->wear())), max(1.0, $most->filmUm), $most->ink, $most->vehicle);
    }

    private static function wear(Job $job, AsksMost $most, Snapshot $shop): WearRecord
    {
        $tests = array_filter($shop->shelves->printing->trials->wear(), static fn (WearTest $t): bool => $t->vehicle === $most->vehicle || $t->cloth === $job->substrate);
        $trade = $most->vehicle === Vehicle::Water ? CureNeed::waterBased() : CureNeed::plastisol();
        $usual = HeatLimit::of($job->substrate);

        return new WearRecord(
            $most->vehicle,
            array_reverse(array_map(static fn (int $id, WearTest $test): WearShown => new WearShown($id, $test), array_keys($tests), $tests)),
            CureLearned::says($trade, $most->need, $usual, CureLearned::limit($usual, $job->substrate, array_values($tests)), array_values($tests)),
        );
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
