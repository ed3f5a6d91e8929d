<?php

declare(strict_types=1);

namespace Ektype\App\Console;

use Ektype\Core\Registration\MisfitFit;
use Ektype\Core\Registration\ReadingSheet;
use Ektype\Core\Registration\RegistrationSolver;
use Ektype\Core\Unit\Given;
use Symfony\Component\Console\Attribute\AsCommand;

#[AsCommand('register:solve', 'Splits a misfit and gives the knob turns that mend it (JSON in, JSON out)')]
final class SolveRegistration extends JsonCommand
{
    protected function answer(Given $given): array
    {
        $knobs = $given->has('press') ? ReadingSheet::knobs($given->object('press')) : [];
        $readings = ReadingSheet::readings($given);
        $tolerance = $given->numberOr('tolerance_mm', null, 0.001, 20, 'mm');
        $misfit = MisfitFit::of($readings);
        $mending = RegistrationSolver::mend($readings, $misfit, $knobs);
        $round = static fn (?float $value): ?float => $value === null ? null : round($value, 6) + 0.0;

        return [
            'shift_mm' => array_map($round, $misfit->shiftMm),
            'rotation_deg' => $round($misfit->rotationDeg),
            'growth_pct' => array_map($round, $misfit->growthPct),
            'growth_along_line' => $misfit->alongLinePct === null ? null : ['pct' => $round($misfit->alongLinePct), 'direction_deg' => $round($misfit->lineDeg)],
            'shear_deg' => $round($misfit->shearDeg),
            'floor_mm' => ['rms' => $round($misfit->floorRmsMm), 'max' => $round($misfit->floorMaxMm)],
            'repeat_mm' => $round($readings->repeatMm),
            'unknown' => $misfit->unknown,
            'turns' => array_map(static fn (array $turn): array => ['knob' => $turn['knob'], 'turns' => $round($turn['turns'])], $mending->turns),
            'taps' => array_map(static fn (array $tap): array => ['corner' => $tap['corner'], 'at_mm' => array_map($round, $tap['at_mm']), 'by_mm' => array_map($round, $tap['by_mm'])], $mending->taps),
            'after_mm' => ['max' => $round($mending->afterMaxMm)],
            'in_tolerance' => $tolerance === null ? null : $mending->afterMaxMm <= $tolerance,
            'says' => $mending->says,
        ];
    }
}
