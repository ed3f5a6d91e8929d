<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\ReadingSheet;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Unit\Given;

/** Reckons the misfit of a plate from its readings, and the turns that mend it. */
final readonly class RegisterReckoner
{
    public function __construct(private Job $job)
    {
    }

    /** @return list<MarkPlaceView> where the marks lie as the printer sees them on the platen */
    public function marks(): array
    {
        $plates = \count($this->job->platesInOrder());
        $sheet = new FilmSheet((int) round($this->job->widthMm / 25.4 * 600), (int) round($this->job->heightMm() / 25.4 * 600), 600, $plates);
        // Art stands on its head for the operator where the collar lies at the operator's end.
        $turned = $this->job->press !== null && $this->job->press->collarAtOperator ? -1 : 1;

        return array_map(static fn (RegistrationMark $m): MarkPlaceView => new MarkPlaceView($m->name, round($turned * $m->xMm, 2) + 0.0, round($turned * $m->yMm, 2) + 0.0), $sheet->marks());
    }

    public function of(Plate $plate): ?RegisterView
    {
        if ($plate->readings === []) {
            return null;
        }
        $readings = ReadingSheet::readings(Given::of(['prints' => array_map(static fn (array $readings): array => ['readings' => $readings], $plate->readings)]));
        $knobs = $this->job->press === null ? [] : ReadingSheet::knobs(Given::of(['knobs' => $this->job->press->knobs]));
        $misfit = MisfitFit::of($readings);
        $mending = RegistrationSolver::mend($readings, $misfit, $knobs);
        $now = max(array_map(static fn (Reading $r): float => hypot($r->offXMm, $r->offYMm), $readings->means));

        return new RegisterView(
            $misfit->shiftMm,
            $misfit->rotationDeg,
            $misfit->growthPct,
            $misfit->shearDeg,
            $misfit->floorRmsMm,
            $misfit->floorMaxMm,
            $readings->repeatMm,
            $now,
            $mending->afterMaxMm,
            $now <= $this->job->toleranceMm,
            $mending->afterMaxMm <= $this->job->toleranceMm,
            array_map(static fn (array $t): TurnView => new TurnView($t['knob'], $t['turns']), $mending->turns),
            array_map(static fn (array $t): TapView => new TapView($t['corner'], $t['at_mm'], $t['by_mm']), $mending->taps),
            $misfit->unknown,
            $mending->says,
            array_map(static fn (Reading $r): MarkOffView => new MarkOffView($r->mark, $r->xMm, $r->yMm, $r->offXMm, $r->offYMm), $readings->means),
            $readings->prints,
        );
    }
}
