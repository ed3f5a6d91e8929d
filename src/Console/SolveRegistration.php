<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\PrintAsked;
use Ektype\App\Console\Asked\RegisterAsked;
use Ektype\Core\Learn\NormalCurve;
use Ektype\Core\Registration\Cause;
use Ektype\Core\Registration\Causes;
use Ektype\Core\Registration\CornerTap;
use Ektype\Core\Registration\DoubtfulReadings;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\OddPrint;
use Ektype\Core\Registration\PlateEvidence;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Registration\Repeating;
use Ektype\Core\Registration\SlipOfHand;
use Ektype\Core\Registration\UnusableKnob;
use Ektype\Core\Unit\Point;
use Symfony\Component\Console\Attribute\AsCommand;

/** @extends JsonCommand<RegisterAsked> */
#[AsCommand('register:solve', 'Splits a misfit and gives the knob turns that mend it (JSON in, JSON out)')]
final class SolveRegistration extends JsonCommand
{
    protected function reads(): string
    {
        return RegisterAsked::class;
    }

    protected function answer(object $asked): array
    {
        $knobs = self::knobs($asked);
        $read = new Readings(self::prints($asked->prints));
        $slip = SlipOfHand::among($read->byPrint);
        $readings = $read->without($slip);
        $misfit = MisfitFit::of($readings);
        $known = $asked->press?->scatterMm;
        $repeating = Repeating::of($readings->byPrint, $known);
        $mending = RegistrationSolver::mend($readings, $misfit, $knobs, $repeating);
        $unsure = NormalCurve::NINETY * $repeating->shiftSd->xMm;
        $growth = $misfit->growth;

        return [
            'shift_mm' => self::pair($misfit->shift),
            'rotation_deg' => self::told($misfit->rotationDeg),
            'growth_pct' => [self::told($growth->xPct), self::told($growth->yPct)],
            'growth_along_line' => $growth->alongLinePct === null ? null : [
                'pct' => self::told($growth->alongLinePct),
                'direction_deg' => self::told($growth->lineDeg),
            ],
            'shear_deg' => self::told($misfit->shearDeg),
            'floor_mm' => ['rms' => self::told($misfit->floorRmsMm), 'max' => self::told($misfit->floorMaxMm)],
            'repeat_mm' => self::told($readings->repeatMm),
            'standard_errors' => [
                'shift_mm' => self::pair($repeating->shiftSd),
                'rotation_deg' => $repeating->turnSd === null ? null : self::told(rad2deg($repeating->turnSd)),
                'growth_pct' => [self::told(self::percent($repeating->growth->across)), self::told(self::percent($repeating->growth->along))],
                'shear_deg' => $repeating->growth->shear === null ? null : self::told(rad2deg($repeating->growth->shear)),
                'scatter_mm' => self::told($repeating->scatterMm),
                'reading_mm' => self::told($repeating->readingMm),
            ],
            'mended' => ['shift_mm' => [self::told($repeating->mendable->xMm), self::told($repeating->mendable->yMm)], 'rotation_deg' => self::told(rad2deg($repeating->mendable->turnRad)), 'certain' => self::told($repeating->certain->least())],
            'unknown' => $misfit->unknown,
            'turns' => array_map(
                static fn (KnobTurn $turn): array => ['knob' => $turn->knob, 'turns' => self::told($turn->turns)],
                $mending->turns,
            ),
            'taps' => array_map(
                static fn (CornerTap $tap): array => [
                    'corner' => $tap->corner,
                    'at_mm' => self::pair($tap->at),
                    'by_mm' => self::pair($tap->by),
                ],
                $mending->taps,
            ),
            'after_mm' => ['max' => self::told($mending->afterMaxMm), 'unsure' => self::told($unsure)],
            'causes' => array_map(static fn (Cause $c): array => ['kind' => $c->kind->value, 'mm' => self::told($c->mm), 'evidence' => $c->evidence, 'todo' => $c->todo], self::causes($asked, $readings)),
            // Said of what is known only: scatter wider than the tolerance leaves it open.
            'in_tolerance' => $asked->toleranceMm === null || $unsure > $asked->toleranceMm ? null : $mending->afterMaxMm <= $asked->toleranceMm,
            'says' => array_values(array_filter([...DoubtfulReadings::says($read, $misfit, $slip), OddPrint::among($readings->byPrint, $known)?->says() ?? '', ...$mending->says, $repeating->says($readings->prints, $known)], static fn (string $s): bool => $s !== '')),
        ];
    }

    /** @return list<Cause> of what turning does not mend, the likeliest first */
    private static function causes(RegisterAsked $asked, Readings $readings): array
    {
        $platens = [];
        foreach ($asked->prints as $print) {
            if ($print->readings !== []) {
                $platens[] = $print->platen;
            }
        }

        return Causes::of(new PlateEvidence(
            '',
            $readings->byPrint,
            $platens,
            $asked->press?->tensionNPerCm,
            $asked->press?->keyTensionNPerCm,
            0.0,
            heightMm: self::reach(array_map(static fn (Reading $r): float => $r->yMm, $readings->means)),
            widthMm: self::reach(array_map(static fn (Reading $r): float => $r->xMm, $readings->means)),
            printerPct: 0.0,
            othersGrew: [],
            cameBack: null,
        ));
    }

    /** @param non-empty-list<float> $places */
    private static function reach(array $places): float
    {
        return max($places) - min($places);
    }

    /** @return list<Knob> */
    private static function knobs(RegisterAsked $asked): array
    {
        $knobs = [];
        foreach ($asked->press->knobs ?? [] as $i => $knob) {
            try {
                $knobs[] = $knob->knob();
            } catch (UnusableKnob $not) {
                throw $not->within(\sprintf('press.knobs[%d]', $i));
            }
        }

        return $knobs;
    }

    /**
     * @param list<PrintAsked> $asked
     *
     * @return list<list<Reading>>
     */
    private static function prints(array $asked): array
    {
        $prints = [];
        foreach ($asked as $p => $print) {
            $readings = [];
            foreach ($print->readings as $r => $mark) {
                $readings[] = $mark->reading(\sprintf('prints[%d].readings[%d]', $p, $r));
            }
            if ($readings !== []) {
                $prints[] = $readings;
            }
        }

        return $prints;
    }

    /** @return list<float|null> */
    private static function pair(Point $of): array
    {
        return [self::told($of->xMm), self::told($of->yMm)];
    }

    private static function percent(?float $share): ?float
    {
        return $share === null ? null : 100 * $share;
    }

    /** Without a minus before zero. */
    private static function told(?float $value): ?float
    {
        return $value === null ? null : round($value, 6) + 0.0;
    }
}
