<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Film\RegistrationMark;
use Ektype\Core\Learn\NormalCurve;
use Ektype\Core\Registration\DoubtfulReadings;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\OddPrint;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Registration\Repeating;
use Ektype\Core\Registration\SlipOfHand;

/** The misfit of each plate from its readings, and the turns that mend it. */
final readonly class RegisterBook
{
    public function __construct(private Job $job)
    {
    }

    /** @return list<RegistrationMark> where the marks lie as the printer sees them on the platen */
    public function marks(): array
    {
        // Art stands on its head for the operator where the collar lies at the operator's end.
        $turned = $this->job->press !== null && $this->job->press->collarAtOperator ? -1 : 1;

        return array_map(
            static fn (RegistrationMark $m): RegistrationMark => new RegistrationMark(
                $m->name,
                round($turned * $m->xMm, 2) + 0.0,
                round($turned * $m->yMm, 2) + 0.0,
            ),
            $this->job->filmSheet(\count($this->job->platesInOrder()))->marks(),
        );
    }

    /**
     * Where a plate is read, as the printer sees it: its own targets in three corners where the films carry a strip, and the
     * marks that all plates share.
     *
     * @return list<RegistrationMark>
     */
    public function targets(Plate $plate): array
    {
        $filmed = $this->job->filmSet();
        if ($filmed !== null && !$filmed->strip) {
            // Films that are written have what they have.
            return $this->marks();
        }
        $plates = $this->job->platesInOrder();
        $strip = RegisterStrip::on($this->job->filmSheet(\count($plates)), array_map(static fn (Plate $p): string => $p->name, $plates));
        $turned = $this->job->press !== null && $this->job->press->collarAtOperator ? -1 : 1;
        $targets = [];
        foreach ($strip->slots ?? [] as $slot) {
            if ($slot->plate === array_search($plate, $plates, true)) {
                $targets[] = new RegistrationMark(self::target($slot->corner), round($turned * $slot->at->xMm, 2) + 0.0, round($turned * $slot->at->yMm, 2) + 0.0);
            }
        }

        return [...$targets, ...$this->marks()];
    }

    /** As a plate’s own target in a corner is called, apart from the mark there that all share. */
    public static function target(string $corner): string
    {
        return $corner.' target';
    }

    public function of(Plate $plate): ?PlateRegister
    {
        $prints = $plate->readings();
        if ($prints === []) {
            return null;
        }
        $read = new Readings($prints);
        $slip = SlipOfHand::among($read->byPrint);
        $readings = $read->without($slip);
        $misfit = MisfitFit::of($readings);
        $known = $this->job->press?->registerSigmaMm;
        $repeating = Repeating::of($readings->byPrint, $known);
        $mending = RegistrationSolver::mend($readings, $misfit, $this->job->press?->knobs() ?? [], $repeating);
        $odd = OddPrint::among($readings->byPrint, $known);
        $unsure = NormalCurve::NINETY * $repeating->shiftSd->xMm;
        $now = max(array_map(static fn (Reading $r): float => $r->offMm(), $readings->means));

        return new PlateRegister(
            misfit: $misfit,
            mending: $mending,
            marks: $read->means,
            scatter: new PrintsScatter(
                prints: $readings->prints,
                repeatMm: $readings->repeatMm,
                byPrint: $read->byPrint,
                repeats: $repeating->says($readings->prints, $known),
                oddPrint: $odd?->print,
            ),
            nowMaxMm: $now,
            inRegister: $now <= $this->job->toleranceMm,
            willBeInTolerance: $mending->afterMaxMm <= $this->job->toleranceMm,
            doubts: [...DoubtfulReadings::says($read, $misfit, $slip), ...$odd === null ? [] : [$odd->says()]],
            errors: RegisterErrors::of($repeating, $known !== null),
            unsure: $unsure > $this->job->toleranceMm,
        );
    }
}
