<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Learn\Matrix;
use Ektype\Core\Unit\Point;

/**
 * From a misfit to what the press does about it.
 *
 * With the best shift t and rotation θ, knob i at contact c_i pushing along u_i by s_i mm a turn is turned
 * −u_i · (t + θ J c_i) / s_i, J a quarter turn anticlockwise. Three independent knobs mend shift and rotation whole.
 * With fewer, the frame is taken to move as little as the knobs ask of it, and they are set to leave the least at the
 * marks.
 *
 * @phpstan-type Row array{float, float, float}
 */
final class RegistrationSolver
{
    /** Knobs count as dependent where they leave less than this of a free direction. */
    private const DEPENDENT = 1e-4;
    /** Rounds of weighing the worst marks more. */
    private const ROUNDS = 12;
    private const LEAST_WEIGHT = 1e-4;

    /**
     * @param list<Knob>     $knobs
     * @param Repeating|null $repeating what of the misfit repeats; null takes all of it
     */
    public static function mend(Readings $readings, Misfit $misfit, array $knobs, ?Repeating $repeating = null): Mending
    {
        $mendable = $repeating->mendable ?? $misfit->rigid;
        $says = [];
        if ($misfit->rotationDeg === null) {
            $says[] = (\count($readings->means) > 1 ? 'Marks so near to each other show' : 'One mark shows').' a shift only: whether the screen is turned or the print has grown stays unknown. Read a second mark further off.';
        }
        if ($misfit->growth->alongLinePct !== null) {
            $says[] = 'All marks lie on one line, so '.implode(
                ' and ',
                $misfit->unknown,
            ).' stay unknown. A mark off that line would show them.';
        }
        $arm = self::armLength($readings);
        $rows = array_map(static function (Knob $knob) use ($arm): array {
            $unit = $knob->unit();

            return [$unit->xMm, $unit->yMm, (-$unit->xMm * $knob->at->yMm + $unit->yMm * $knob->at->xMm) / $arm];
        }, $knobs);
        if ($knobs === []) {
            $says[] = 'The press has no knobs: tap the frame at its corners by these millimetres, lock, and print again.';

            return self::taps($readings, $mendable, $says);
        }
        if (self::areDependent($rows)) {
            $says[] = 'The knobs push the same way, so turning them cannot both shift and turn the frame, and no turns can be told apart. Check their places and directions in the press profile; until then tap the corners.';

            return self::taps($readings, $mendable, $says);
        }
        $back = $mendable->back();
        $motion = [$back->xMm, $back->yMm, $back->turnRad * $arm];
        if (\count($knobs) < 3) {
            $motion = self::bestWithFew($readings, $rows, $arm, $mendable);
            $says[] = \sprintf(
                '%s cannot mend a shift both ways and a turn at once: these turns leave the least at the marks.',
                \count($knobs) === 1 ? 'One knob' : 'Two knobs',
            );
        }
        $turns = [];
        foreach ($knobs as $i => $knob) {
            $turns[] = new KnobTurn($knob->name, Matrix::dot($rows[$i], $motion) / $knob->mmPerTurn);
        }

        $moves = new RigidMove($motion[0], $motion[1], $motion[2] / $arm);

        return new Mending($turns, [], self::after($readings, $moves), $says, $moves);
    }

    /** Largest distance left at the marks after the frame has moved, mm. */
    public static function after(Readings $readings, RigidMove $moved): float
    {
        $most = 0.0;
        foreach ($readings->means as $r) {
            $most = max(
                $most,
                hypot($r->offXMm + $moved->xMm - $moved->turnRad * $r->yMm, $r->offYMm + $moved->yMm + $moved->turnRad * $r->xMm),
            );
        }

        return $most;
    }

    /** @param list<string> $says */
    private static function taps(Readings $readings, RigidMove $mendable, array $says): Mending
    {
        $x = max(1.0, ...array_map(static fn (Reading $r): float => abs($r->xMm), $readings->means));
        $y = max(1.0, ...array_map(static fn (Reading $r): float => abs($r->yMm), $readings->means));
        // Marks on a line span no corners: a corner lies at least half as far out as the marks reach, and 50 mm.
        [$x, $y] = [max($x, $y / 2, 50.0), max($y, $x / 2, 50.0)];
        $back = $mendable->back();
        $taps = [];
        foreach ([
            'near left' => [-$x, -$y],
            'near right' => [$x, -$y],
            'far left' => [-$x, $y],
            'far right' => [$x, $y],
        ] as $corner => [$px, $py]) {
            $taps[] = new CornerTap(
                $corner,
                new Point($px, $py),
                new Point($back->xMm - $back->turnRad * $py, $back->yMm + $back->turnRad * $px),
            );
        }

        return new Mending([], $taps, self::after($readings, $back), $says, $back);
    }

    /** @param list<Row> $rows */
    private static function areDependent(array $rows): bool
    {
        if (\count($rows) > 3) {
            // More knobs than freedoms: enough that some three of them are independent.
            foreach ($rows as $i => $_) {
                $fewer = $rows;
                array_splice($fewer, $i, 1);
                if (!self::areDependent($fewer)) {
                    return false;
                }
            }

            return true;
        }
        // The determinant of the Gram matrix of unit rows is 1 for square knobs, 0 for dependent ones.
        $units = array_map(static function (array $row): array {
            $length = sqrt(Matrix::dot($row, $row));

            return array_map(static fn (float $v): float => $v / $length, $row);
        }, $rows);
        $d = static fn (int $i, int $j): float => Matrix::dot($units[$i], $units[$j]);
        $gram = match (\count($units)) {
            1 => 1.0,
            2 => 1 - $d(0, 1) ** 2,
            default => 1 + 2 * $d(0, 1) * $d(0, 2) * $d(1, 2) - $d(0, 1) ** 2 - $d(0, 2) ** 2 - $d(1, 2) ** 2,
        };

        return $gram < self::DEPENDENT;
    }

    /**
     * The motion spanned by one or two knobs that leaves least at the marks, the worst mark no worse than it was.
     *
     * @param list<Row> $knobRows
     *
     * @return Row
     */
    private static function bestWithFew(Readings $readings, array $knobRows, float $arm, RigidMove $mendable): array
    {
        // What can be mended at each mark; what cannot stays as it is.
        $wished = array_map(static fn (Reading $r): array => [$mendable->xMm - $mendable->turnRad * $r->yMm, $mendable->yMm + $mendable->turnRad * $r->xMm], $readings->means);
        $worst = static fn (float $x, float $y, float $turn): float => self::after($readings, new RigidMove($x, $y, $turn / $arm));
        $before = $worst(0.0, 0.0, 0.0);
        $weights = array_fill(0, \count($wished), 1.0);
        $motion = self::weighted($readings, $knobRows, $arm, $wished, $weights);
        // The least sum of squares may let one mark grow: then the worst ones weigh more, until none does.
        for ($round = 0; $round < self::ROUNDS && $worst(...$motion) > $before; ++$round) {
            foreach ($readings->means as $i => $r) {
                $left = hypot($wished[$i][0] + $motion[0] - $motion[2] / $arm * $r->yMm, $wished[$i][1] + $motion[1] + $motion[2] / $arm * $r->xMm);
                $weights[$i] *= max(self::LEAST_WEIGHT, $left);
            }
            $sum = array_sum($weights);
            $weights = array_map(static fn (float $w): float => $w / $sum * \count($weights), $weights);
            $motion = self::weighted($readings, $knobRows, $arm, $wished, $weights);
        }
        // Never so far that the worst mark is worse than it was.
        for ($share = 1.0; $share > 0.0; $share -= 0.05) {
            $part = [$share * $motion[0], $share * $motion[1], $share * $motion[2]];
            if ($worst(...$part) <= $before) {
                return $part;
            }
        }

        return [0.0, 0.0, 0.0];
    }

    /**
     * @param list<Row>                 $knobRows
     * @param list<array{float, float}> $wished   misfit at each mark
     * @param array<int, float>         $weights  of the marks
     *
     * @return Row
     */
    private static function weighted(Readings $readings, array $knobRows, float $arm, array $wished, array $weights): array
    {
        // The least motion with given pushes lies in the span of the knobs' rows: motion = Σ a_i row_i.
        $rows = [];
        $right = [];
        foreach ($readings->means as $i => $r) {
            $weight = sqrt($weights[$i]);
            $rows[] = array_map(static fn (array $k): float => $weight * ($k[0] - $k[2] / $arm * $r->yMm), $knobRows);
            $right[] = -$weight * $wished[$i][0];
            $rows[] = array_map(static fn (array $k): float => $weight * ($k[1] + $k[2] / $arm * $r->xMm), $knobRows);
            $right[] = -$weight * $wished[$i][1];
        }
        $amounts = Matrix::leastSquares($rows, $right) ?? array_fill(0, \count($knobRows), 0.0);
        $motion = [0.0, 0.0, 0.0];
        foreach ($knobRows as $i => $row) {
            $motion = [$motion[0] + $amounts[$i] * $row[0], $motion[1] + $amounts[$i] * $row[1], $motion[2] + $amounts[$i] * $row[2]];
        }

        return $motion;
    }

    /** Typical distance of the marks from the centre, mm: makes a turn comparable with a shift. */
    private static function armLength(Readings $readings): float
    {
        $sum = 0.0;
        foreach ($readings->means as $r) {
            $sum += $r->xMm ** 2 + $r->yMm ** 2;
        }

        return max(50.0, sqrt($sum / \count($readings->means)));
    }
}
