<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\App\Console\Asked\PrintAsked;
use Ektype\App\Console\Asked\RegisterAsked;
use Ektype\Core\Registration\CornerTap;
use Ektype\Core\Registration\DoubtfulReadings;
use Ektype\Core\Registration\Knob;
use Ektype\Core\Registration\KnobTurn;
use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\Reading;
use Ektype\Core\Registration\Readings;
use Ektype\Core\Registration\RegistrationSolver;
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
        $readings = new Readings(self::prints($asked->prints));
        $misfit = MisfitFit::of($readings);
        $mending = RegistrationSolver::mend($readings, $misfit, $knobs);
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
            'after_mm' => ['max' => self::told($mending->afterMaxMm)],
            'in_tolerance' => $asked->toleranceMm === null ? null : $mending->afterMaxMm <= $asked->toleranceMm,
            'says' => [...DoubtfulReadings::says($readings, $misfit), ...$mending->says],
        ];
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

    /** Without a minus before zero. */
    private static function told(?float $value): ?float
    {
        return $value === null ? null : round($value, 6) + 0.0;
    }
}
