<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Deposit;
use Ektype\Core\Ink\InkKind;
use Ektype\Core\Order\GarmentLine;
use Ektype\Core\Order\PlateOfOrder;
use Ektype\Core\Order\SizeCount;
use Ektype\Core\Order\WhatChanges;
use Ektype\Core\Press\CureCautions;
use Ektype\Core\Press\PrintStep;

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
        $steps = $book->steps();
        $plates = $book->plates;
        $counted = array_map(
            static fn (Plate $p, PrintStep $step, int $i): PlateOfOrder => new PlateOfOrder(
                $p->name,
                Lab::of($p->printedIn()),
                $p->isWhiteBase(),
                $step->flashAfter,
                $p->laying->strokes(),
                self::deposit($p, $book, $i)->grams($p->areaCm2, 1),
            ),
            $plates,
            $steps,
            array_keys($plates),
        );
        $lines = $job->lines();
        $lines = $lines !== [] ? $lines : [new GarmentLine($job->garment, $job->cloth(), $job->garmentHex, [new SizeCount('', $job->quantity)])];

        return new RunBench(
            $job->findings()->witnesses ?? [],
            array_map(static fn (Plate $p, int $i): PlateOnRun => self::plate($p, $i, $job, $book, $register), $plates, array_keys($plates)),
            array_map(static fn (GarmentLine $line): LineOnRun => new LineOnRun(
                $line,
                $line->pieces(),
                WhatChanges::on($line, $counted, Lab::of(Srgb::fromHex($job->garmentHex)), $job->substrate->drinksInk()),
            ), $lines),
            $job->lamp->name ?? '',
            $job->emulsion->name ?? '',
            $job->press->name ?? '',
            CureCautions::of(
                array_map(static fn (Plate $p): InkKind => $p->ink->kind ?? InkKind::Plastisol, $plates),
                $job->substrate,
                array_filter($steps, static fn (PrintStep $s): bool => $s->flashAfter) !== [],
            ),
            $job->filmSheet(\count($plates))->marks(),
        );
    }

    private static function deposit(Plate $plate, ScreenBook $book, int $i): Deposit
    {
        return new Deposit($book->mesh($i), $plate->ink->kind ?? InkKind::Plastisol, $plate->laying->strokes(), 0.0);
    }

    private static function plate(Plate $plate, int $i, Job $job, ScreenBook $book, RegisterBook $register): PlateOnRun
    {
        $read = $plate->wasReadOfAnother() ? null : $register->of($plate);
        [$words, $in] = match (true) {
            $i === 0 => ['the key: the others are brought to it', true],
            $read === null => ['not read yet', false],
            $read->inRegister => [\sprintf('in register, %.2f mm', $read->nowMaxMm), true],
            default => [\sprintf('out of register by %.2f mm', $read->nowMaxMm), false],
        };

        return new PlateOnRun(
            $plate->idOrFail(),
            $words,
            $in,
            $plate->laying->value,
            self::deposit($plate, $book, $i)->grams($plate->areaCm2, $job->quantity),
        );
    }
}
