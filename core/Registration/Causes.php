<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Screen\Tension;

/**
 * Ranks what may have left the misfit that turning does not mend, by how much of it each explains.
 *
 * @phpstan-import-type Shift from SharedFit
 */
final class Causes
{
    /** Less of a misfit needs no cause, mm. */
    private const WORTH_MM = 0.04;
    /** Growth along one way counts as its own where the other has less than this share of it (heuristic). */
    private const ONE_WAY = 0.5;
    /** A platen is off where its prints lie this many standard errors from the others. */
    private const PLATEN_ERRORS = 2.5;
    private const SLACKER_N = 3.0;

    /** @return list<Cause> the likeliest first */
    public static function of(PlateEvidence $of): array
    {
        if ($of->prints === []) {
            return [];
        }
        $readings = new Readings($of->prints);
        $misfit = MisfitFit::of($readings);
        $repeating = Repeating::of($of->prints);
        $causes = [...self::grown($of, $misfit), ...self::platens($of), ...self::scatter($repeating)];
        if ($of->cameBack !== null && abs($of->cameBack) >= self::WORTH_MM) {
            $causes[] = new Cause(
                CauseKind::Drag,
                abs($of->cameBack),
                \sprintf('%.2f mm along the stroke were there again after turns that moved the frame as told', abs($of->cameBack)),
                'Every stroke carries it: set the screen back by as much, stroke one way only, lower off-contact, warm stiff ink.',
            );
        }
        usort($causes, static fn (Cause $a, Cause $b): int => $b->mm <=> $a->mm);

        return $causes;
    }

    /** @return list<Cause> */
    private static function grown(PlateEvidence $of, Misfit $misfit): array
    {
        $across = $misfit->growth->xPct;
        $along = $misfit->growth->yPct;
        $mm = static fn (?float $pct, float $size): float => abs($pct ?? 0.0) / 100 * $size / 2;
        $causes = [];
        $slacker = $of->tension !== null && $of->keysTension !== null && $of->keysTension - $of->tension > self::SLACKER_N;
        if ($along !== null && $across !== null && abs($along) > 0 && abs($across) > 0 && $along * $across > 0 && min(abs($along), abs($across)) > self::ONE_WAY * max(abs($along), abs($across))) {
            if ($mm($along, $of->heightMm) + $mm($across, $of->widthMm) >= self::WORTH_MM) {
                $causes[] = new Cause(
                    CauseKind::Shrink,
                    max($mm($along, $of->heightMm), $mm($across, $of->widthMm)),
                    \sprintf('it is %.2f %% across and %.2f %% along %s than the key, both ways alike', abs($across), abs($along), $along > 0 ? 'larger' : 'smaller'),
                    'Cloth that shrank under the flash between the two, or a film of another scale: dry the test cloth first, and check the film on the light table.',
                );
            }

            return $causes;
        }
        if ($mm($along, $of->heightMm) >= self::WORTH_MM) {
            $said = \sprintf('it is %.2f %% %s along the stroke', abs($along ?? 0.0), $along > 0 ? 'longer' : 'shorter');
            $told = $of->stretchMm / max(1.0, $of->heightMm) * 100;
            $stretch = $told * (float) $along > 0 ? min(abs($told), abs((float) $along)) : 0.0;
            $alike = $of->othersGrew !== [] && \count(array_filter($of->othersGrew, static fn (float $g): bool => $g * (float) $along > 0 && abs($g) > self::ONE_WAY * abs((float) $along))) === \count($of->othersGrew);
            $causes[] = match (true) {
                $alike => new Cause(CauseKind::Plate, $mm($along, $of->heightMm), $said.', and so are all other plates: it is the key that differs', 'Look at the key’s mesh and film: its tension, its off-contact, its scale.'),
                $slacker => new Cause(CauseKind::Plate, $mm($along, $of->heightMm), \sprintf('%s; its frame has %.0f N/cm, the key’s %.0f', $said, $of->tension, $of->keysTension), 'Slack mesh travels with the squeegee: put it on a tighter frame, or lighten the pressure.'),
                default => new Cause(CauseKind::Stretch, $mm($along, $of->heightMm), $said.($stretch > 0.005 ? \sprintf(', of which the mesh alone gives %.2f %% by the off-contact of the two screens', $stretch) : ''), 'Bring off-contact and tension of the two screens together; lighter pressure.'),
            };
            if (abs($of->printerPct) > 0.02) {
                $causes[] = new Cause(CauseKind::FilmPrinter, min(abs($of->printerPct), abs($along ?? 0.0)) / 100 * $of->heightMm / 2, \sprintf('the film printer is known to be off by %.2f %% along its feed, which is taken back only if all films were printed on it, the same way round', $of->printerPct), 'Print all films of a job in one go on one printer, one way round; measure one with a ruler.');
            }
        }
        if ($mm($across, $of->widthMm) >= self::WORTH_MM) {
            $causes[] = new Cause(CauseKind::FilmPrinter, $mm($across, $of->widthMm), \sprintf('it is %.2f %% %s across the stroke, which no squeegee does', abs((float) $across), $across > 0 ? 'wider' : 'narrower'), 'A film fed crosswise, or printed on another day: lay the films over each other on the light table.');
        }

        return $causes;
    }

    /** @return list<Cause> */
    private static function platens(PlateEvidence $of): array
    {
        $shifts = SharedFit::of($of->prints)->shifts;
        $by = [];
        foreach ($shifts as $i => $shift) {
            if (isset($of->platens[$i])) {
                $by[$of->platens[$i]][] = $shift;
            }
        }
        if (\count($by) < 2) {
            return [];
        }
        $worst = null;
        foreach ($by as $platen => $own) {
            $others = array_merge(...array_values(array_diff_key($by, [$platen => true])));
            if (\count($own) < 2 || \count($others) < 2) {
                continue;
            }
            $off = [self::mean($own, 0) - self::mean($others, 0), self::mean($own, 1) - self::mean($others, 1)];
            $error = sqrt(self::spread($own) / \count($own) + self::spread($others) / \count($others));
            $mm = hypot($off[0], $off[1]);
            if ($mm >= self::WORTH_MM && $mm > self::PLATEN_ERRORS * $error && $mm > ($worst->mm ?? 0.0)) {
                $worst = new Cause(CauseKind::Platen, $mm, \sprintf('prints of platen %d lie %.2f mm from those of the others', $platen, $mm), \sprintf('Platen %d is loose, turned or not like the one that was set up on: tighten it, or leave it out of the run.', $platen));
            }
        }

        return $worst === null ? [] : [$worst];
    }

    /** @return list<Cause> */
    private static function scatter(Repeating $repeating): array
    {
        $scatter = $repeating->scatterMm ?? 0.0;

        return $scatter < self::WORTH_MM ? [] : [new Cause(
            CauseKind::Scatter,
            $scatter,
            \sprintf('prints lie %.2f mm apart from each other, which no knob mends', $scatter),
            'Tack the platens, tighten platen and frame, load to one line'.($scatter > 0.2 ? ', and look at the tension of the mesh' : '').\sprintf(' (under %.0f N/cm it needs new mesh).', Tension::RE_MESH_UNDER),
        )];
    }

    /**
     * @param non-empty-list<Shift> $shifts
     * @param 0|1                   $way
     */
    private static function mean(array $shifts, int $way): float
    {
        return array_sum(array_column($shifts, $way)) / \count($shifts);
    }

    /**
     * Variance both ways together.
     *
     * @param non-empty-list<Shift> $shifts
     */
    private static function spread(array $shifts): float
    {
        $sum = 0.0;
        foreach ($shifts as [$x, $y]) {
            $sum += ($x - self::mean($shifts, 0)) ** 2 + ($y - self::mean($shifts, 1)) ** 2;
        }

        return $sum / max(1, \count($shifts) - 1);
    }
}
