<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Device\SimulatedStrikeOffScanner;
use Ektype\App\Query\Reckoning\RegisterBook;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Job\Jobs;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\ShopFiles;
use Ektype\App\Work\StrikeOff\ScannedStrikeOff;
use Ektype\App\Work\StrikeOff\StripOfFilms;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\RigidMove;
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

    public function __construct(private Jobs $jobs, private ShopFiles $files, private SimulatedStrikeOffScanner $scanner)
    {
    }

    /**
     * @param string $path of the scan
     *
     * @throws Refusal where it shows no strike-off of this job’s films
     */
    public function scanned(int $jobId, string $path): StrikeOffSeen
    {
        $job = $this->jobs->whole($jobId);
        $plan = $this->plan($job);

        return self::seen($job, $plan, ScannedStrikeOff::read($path, $plan));
    }

    /** A strike-off by the stand-in: the strip alone is printed, each plate as it lies by its last readings, or a little off. */
    public function simulated(int $jobId, int $seed): StrikeOffSeen
    {
        $job = $this->jobs->whole($jobId);
        $plan = $this->plan($job);
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
            self::lies($job, $seed),
            self::PPI,
            $seed,
        );
        $path = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($path, $jpeg);

            return self::seen($job, $plan, ScannedStrikeOff::read($path, $plan));
        } finally {
            @unlink($path);
        }
    }

    private function plan(Job $job): StripPlan
    {
        $manifest = ($job->filmsPath ?? '').'/manifest.json';
        if ($job->filmsPath === null || !$this->files->has($manifest)) {
            throw UnreadableStrikeOff::at('scan', 'This job has no films yet, so nobody knows where its targets stand. Write the films first.');
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
        foreach ($job->platesInOrder() as $i => $plate) {
            // Two plates may bear one name: then only their places tell them apart.
            $slots = $same ? [$i] : array_keys($names, $plate->name, true);
            $slot = $slots[0] ?? 0;
            if (\count($slots) !== 1 || $slot === 0) {
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
                ), $read->readings($slot)),
                $errors === [] ? null : max($errors),
            );
        }

        return new StrikeOffSeen($plan->plates[0]->name, $read->turnedDeg, $read->upsideDown, $read->sizePct, $plates, $read->says);
    }

    /** @return list<RigidMove> how the plates lie on the stand-in’s print, in the axes of the films */
    private static function lies(Job $job, int $seed): array
    {
        $turned = $job->press !== null && $job->press->collarAtOperator ? -1 : 1;
        $off = static fn (string $of): float => hexdec(substr(hash('sha256', $seed.$of), 0, 6)) / 0xFFFFFF - 0.5;
        $book = new RegisterBook($job);
        $lies = [];
        foreach ($job->platesInOrder() as $i => $plate) {
            $read = $i === 0 ? null : $book->of($plate)?->misfit->rigid;
            $lies[] = match (true) {
                $i === 0 => new RigidMove(0.0, 0.0, 0.0),
                // A print of the same set-up is loaded a little elsewhere.
                $read !== null => new RigidMove($turned * $read->xMm + 0.06 * $off('x'), $turned * $read->yMm + 0.06 * $off('y'), $read->turnRad),
                default => new RigidMove($off($i.'x'), $off($i.'y'), 0.004 * $off($i.'turn')),
            };
        }

        return $lies;
    }
}
