<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Device\SimulatedPress;
use Ektype\App\Device\SimulatedStrikeOffScanner;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Shop\Correction\Correction;
use Ektype\App\Shop\Correction\Corrections;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\OnStandIn;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\StrikeOff\ScannedStrikeOff;
use Ektype\App\Work\StrikeOff\StripOfFilms;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\StrikeOff\AgainstKey;
use Ektype\Core\StrikeOff\StrikeOffRead;
use Ektype\Core\StrikeOff\StripPlan;
use Ektype\Core\StrikeOff\TargetRead;
use Ektype\Core\StrikeOff\UnreadableStrikeOff;
use Ektype\Core\Unit\Refusal;

/** Reads the scan of a job’s strike-off by the strip on its films. */
final readonly class SeeStrikeOff
{
    /** The stand-in’s scan is made and read at so many pixels an inch. */
    private const PPI = 300.0;
    private const READING = 'Reading the targets of every plate';
    /** Of a print by the stand-in, to print and scan it takes about this share. */
    private const PRINTING = 0.85;

    public function __construct(private Jobs $jobs, private Corrections $corrections, private ShopFiles $files, private SimulatedStrikeOffScanner $scanner)
    {
    }

    /**
     * @param string                        $path of the scan
     * @param \Closure(string, float): void $told
     *
     * @throws Refusal where it shows no strike-off of this job’s films
     */
    public function scanned(int $jobId, string $path, \Closure $told): StrikeOffSeen
    {
        $job = $this->jobs->whole($jobId);
        $plan = $this->plan($job);

        return self::seen($job, $plan, ScannedStrikeOff::read($path, $plan, told: static fn (float $share) => $told(self::READING, $share)));
    }

    /**
     * A strike-off by the stand-in: the strip alone is printed, each plate as it truly lies on the stand-in’s press.
     *
     * @param \Closure(string, float): void $told
     */
    public function simulated(int $jobId, \Closure $told): StandInPrint
    {
        $told('The stand-in prints and scans', 0.0);
        $job = $this->jobs->whole($jobId);
        $plan = $this->plan($job);
        $first = $this->first($job);
        $seed = crc32($this->print($job));
        $printed = $job->filmSheet(\count($plan->plates));
        $sheet = new FilmSheet(
            (int) round($printed->artWidthPx * self::PPI / $printed->dpi),
            (int) round($printed->artHeightPx * self::PPI / $printed->dpi),
            self::PPI,
            $printed->plates,
            $job->filmProfile()->feedMarginMm,
        );
        $blank = BitPlane::blank($sheet->artWidthPx, $sheet->artHeightPx);
        $jpeg = $this->scanner->picture(
            $sheet,
            array_fill(0, \count($plan->plates), $blank),
            array_column($plan->plates, 'name'),
            array_column($plan->plates, 'ink'),
            $plan->cloth,
            $this->lies($job, $first),
            ppi: self::PPI,
            seed: $seed,
            told: static fn (float $share) => $told('The stand-in prints and scans', self::PRINTING * $share),
        );
        $path = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($path, $jpeg);

            return new StandInPrint(self::seen($job, $plan, ScannedStrikeOff::read($path, $plan, told: static fn (float $share) => $told(self::READING, self::PRINTING + (1 - self::PRINTING) * $share))), $first);
        } finally {
            @unlink($path);
        }
    }

    private function plan(Job $job): StripPlan
    {
        $manifest = ($job->filmsPath ?? '').'/manifest.json';
        if ($job->filmsPath === null || !$this->files->has($manifest)) {
            throw UnreadableStrikeOff::at('scan', 'This job has no films yet, so the places of its targets are not known. Write the films first.');
        }
        $plan = StripOfFilms::read($this->files->read($manifest));
        $key = $job->platesInOrder()[0]->name ?? '';
        if ($plan->plates[0]->name !== $key) {
            throw UnreadableStrikeOff::at('scan', \sprintf('The films were written with %s as the key; now %s prints first. Write the films again, or put the order back.', $plan->plates[0]->name, $key));
        }

        return $plan;
    }

    private static function seen(Job $job, StripPlan $plan, StrikeOffRead $read): StrikeOffSeen
    {
        $turned = $job->press !== null && $job->press->collarAtOperator ? -1 : 1;
        $plates = [];
        $names = array_column($plan->plates, 'name');
        $same = $names === array_map(static fn (Plate $p): string => $p->name, $job->platesInOrder());
        $slotOf = static function (Plate $plate, int $i) use ($same, $names): ?int {
            // Two plates may bear one name: then only their places tell them apart.
            $slots = $same ? [$i] : array_keys($names, $plate->name, true);

            return \count($slots) === 1 ? $slots[0] : null;
        };
        $key = $job->key();
        $keySlot = $key === null ? 0 : $slotOf($key, (int) array_search($key, $job->platesInOrder(), true)) ?? 0;
        foreach ($job->platesInOrder() as $i => $plate) {
            $slot = $slotOf($plate, $i);
            if ($slot === null || $slot === $keySlot) {
                continue;
            }
            $errors = array_filter(array_map(static fn (TargetRead $t): ?float => $t->plate === $slot ? $t->errorMm : null, $read->targets), static fn (?float $e): bool => $e !== null);
            $plates[] = new PlateSeen(
                $plate->idOrFail(),
                $plate->name,
                array_map(static fn (Reading $r): Reading => new Reading(
                    RegisterBook::target($r->mark),
                    round($turned * $r->xMm, 2) + 0.0,
                    round($turned * $r->yMm, 2) + 0.0,
                    round($turned * $r->offXMm, 3) + 0.0,
                    round($turned * $r->offYMm, 3) + 0.0,
                ), AgainstKey::of($read, $slot, $keySlot)),
                $errors === [] ? null : max($errors),
            );
        }

        return new StrikeOffSeen($names[$keySlot], $read->turnedDeg, $read->upsideDown, $read->sizePct, $plates, $read->says);
    }

    /** @return array<int, OnStandIn> the plates that the stand-in did not print yet, as they lie: by what was read of them on this press, or as they were set */
    private function first(Job $job): array
    {
        $book = new RegisterBook($job);
        $first = [];
        foreach (\array_slice($job->platesInOrder(), 1) as $plate) {
            if ($plate->onStandIn() !== null) {
                continue;
            }
            $last = $this->corrections->latestOf($plate);
            $read = $plate->wasReadOfAnother() ? null : $book->of($plate);
            $first[$plate->idOrFail()] = match (true) {
                $read !== null && $job->key() === ($job->platesInOrder()[0] ?? null) => new OnStandIn($read->misfit->rigid, $last->id ?? 0),
                // It was turned and not read again: the turns are still to come.
                $last !== null => new OnStandIn($last->before(), ($last->id ?? 1) - 1),
                default => new OnStandIn(SimulatedPress::justSet(\sprintf('job %d plate %d frame %s', $job->idOrFail(), $plate->idOrFail(), $plate->frame->id ?? '')), 0),
            };
        }

        return $first;
    }

    /** Which print it is: another one once this one was read or a knob was turned. */
    private function print(Job $job): string
    {
        $plates = array_map(fn (Plate $p): string => \sprintf('%d after %d', \count($p->readings()), $this->corrections->latestOf($p)->id ?? 0), $job->platesInOrder());

        return \sprintf('job %d: %s', $job->idOrFail(), implode(', ', $plates));
    }

    /**
     * @param array<int, OnStandIn> $first
     *
     * @return list<RigidMove> how the plates lie on the stand-in’s print, in the axes of the films
     */
    private function lies(Job $job, array $first): array
    {
        $turned = $job->press !== null && $job->press->collarAtOperator ? -1 : 1;
        $lies = [new RigidMove(0.0, 0.0, 0.0)];
        foreach (\array_slice($job->platesInOrder(), 1) as $plate) {
            $on = $plate->onStandIn() ?? $first[$plate->idOrFail()];
            $turns = array_map(static fn (Correction $c): array => $c->turns, $this->corrections->since($plate, $on->after));
            $print = SimulatedPress::printed($job->press, SimulatedPress::lies($job->press, $on->lay, $turns), $this->print($job).\sprintf(' plate %d', $plate->idOrFail()));
            $lies[] = new RigidMove($turned * $print->xMm, $turned * $print->yMm, $print->turnRad);
        }

        return $lies;
    }
}
