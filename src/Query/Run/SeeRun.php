<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\LineChange;
use Ektype\Core\Press\AfterRun;
use Ektype\Core\Press\CureCautions;
use Ektype\Core\Press\PressWay;
use Ektype\Core\Print\PlatePrint;

/** The bench of the run. */
final readonly class SeeRun
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): RunBench
    {
        return $this->moment->see(static fn (Snapshot $shop): RunBench => self::bench($shop->shelves->jobs->whole($jobId), $shop));
    }

    private static function bench(Job $job, Snapshot $shop): RunBench
    {
        $book = new ScreenBook($job, $shop);
        $register = new RegisterBook($job);
        $plan = $book->print();
        $inks = array_values(array_filter(array_map(static fn (Plate $p): ?InkKind => $p->ink?->kind, $book->plates)));

        return new RunBench(
            $job->findings()->witnesses ?? [],
            $plan === null ? [] : array_map(static fn (PlatePrint $p, Plate $plate): PlateOnRun => self::plate($p, $plate, $book, $register), $plan->plates, $book->plates),
            $plan === null ? [] : array_map(static fn (GarmentLine $line, LineChange $change): LineOnRun => new LineOnRun($line, $line->pieces(), $change), $job->garments(), $book->changes()),
            $job->lamp->name ?? '',
            $job->emulsion->name ?? '',
            $job->press->name ?? '',
            cautions: CureCautions::of(
                $inks,
                $job->substrate,
                $plan?->flashes() ?? false,
            ),
            marks: $job->filmSheet(\count($book->plates))->marks(),
            after: AfterRun::of($inks, $job->name, !$job->withoutFilm),
            press: new PressOnRun($plan?->job->press->way ?? PressWay::Rotary, $plan?->job->press->heads ?? 0, $plan?->job->press->platens ?? 0),
            begun: $shop->shelves->printing->runs->known($job) !== [],
        );
    }

    private static function plate(PlatePrint $print, Plate $plate, ScreenBook $book, RegisterBook $register): PlateOnRun
    {
        $read = $plate->wasReadOfAnother() ? null : $register->of($plate);
        [$words, $in] = match (true) {
            $plate === $book->job->key() => ['the key: the others are brought to it', true],
            $read === null => ['not read yet', false],
            $read->inRegister => [\sprintf('in register, %.2f mm', $read->nowMaxMm), true],
            default => [\sprintf('out of register by %.2f mm', $read->nowMaxMm), false],
        };

        return new PlateOnRun($print->id, $words, $in, $print->laying->value, array_sum(array_map(static fn (LineChange $c): float => $c->grams($print->id), $book->changes())), $print->flash?->dwellS, squeegee: $print->stroke->hardness->value, hand: $print->stroke->says.($book->job->onPress->pull ? ' Pulled.' : ' Pushed.'), head: $print->head, coolS: $print->flash->coolS ?? 0.0, pressure: $print->stroke->pressure->value);
    }
}
