<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Learn\Matrix;
use Ektype\Core\Unit\Point;

/**
 * Least squares of v(p) = t + A p over the readings. Three marks not on a line give all of A; marks on a line give
 * shift, rotation and growth along it; one mark gives a shift.
 */
final class MisfitFit
{
    /** Marks that stray less than this from a line lie on it: mm, and share of the line's length. */
    private const ON_LINE_MM = 1.0;
    private const ON_LINE_SHARE = 0.01;
    /** Marks nearer to each other than this are one place as far as turn and growth go: a loupe’s error would be all of them, mm (heuristic). */
    public const NEAR_MM = 20.0;

    public static function of(Readings $readings): Misfit
    {
        $means = $readings->means;
        if (self::span($means) < self::NEAR_MM) {
            $n = \count($means);
            $x = array_sum(array_map(static fn (Reading $r): float => $r->offXMm, $means)) / $n;
            $y = array_sum(array_map(static fn (Reading $r): float => $r->offYMm, $means)) / $n;

            return new Misfit(
                new Point($x, $y),
                null,
                new Growth(null, null),
                null,
                0.0,
                0.0,
                rigid: new RigidMove($x, $y, 0.0),
                unknown: ['rotation', 'growth', 'shear'],
            );
        }
        $rigid = self::rigid($means);
        $floor = array_map(static fn (Reading $r): float => hypot(
            $r->offXMm - ($rigid->xMm - $rigid->turnRad * $r->yMm),
            $r->offYMm - ($rigid->yMm + $rigid->turnRad * $r->xMm),
        ), $means);
        $rms = sqrt(array_sum(array_map(static fn (float $d): float => $d * $d, $floor)) / \count($floor));
        $line = self::line($means);
        if ($line !== null) {
            return self::onLine($means, $line, $rms, max($floor), $rigid);
        }
        $rows = [];
        $right = [];
        foreach ($means as $r) {
            $rows[] = [1.0, 0.0, $r->xMm, $r->yMm, 0.0, 0.0];
            $right[] = $r->offXMm;
            $rows[] = [0.0, 1.0, 0.0, 0.0, $r->xMm, $r->yMm];
            $right[] = $r->offYMm;
        }
        $fit = Matrix::leastSquares($rows, $right) ?? throw new \LogicException('Three marks off a line always give the whole misfit.');
        [$tx, $ty, $axx, $axy, $ayx, $ayy] = $fit;

        return new Misfit(
            new Point($tx, $ty),
            rad2deg(($ayx - $axy) / 2),
            new Growth(100 * $axx, 100 * $ayy),
            rad2deg(($axy + $ayx) / 2),
            $rms,
            max($floor),
            rigid: $rigid,
            unknown: [],
        );
    }

    /**
     * How far apart the marks lie, mm; nothing for one.
     *
     * @param non-empty-list<Reading> $means
     */
    public static function span(array $means): float
    {
        $xs = array_map(static fn (Reading $r): float => $r->xMm, $means);
        $ys = array_map(static fn (Reading $r): float => $r->yMm, $means);

        return hypot(max($xs) - min($xs), max($ys) - min($ys));
    }

    /**
     * The best shift and rotation alone.
     *
     * @param non-empty-list<Reading> $means at two places at least
     */
    public static function rigid(array $means): RigidMove
    {
        $n = \count($means);
        $cx = $cy = $vx = $vy = 0.0;
        foreach ($means as $r) {
            $cx += $r->xMm / $n;
            $cy += $r->yMm / $n;
            $vx += $r->offXMm / $n;
            $vy += $r->offYMm / $n;
        }
        $turn = 0.0;
        $arm = 0.0;
        foreach ($means as $r) {
            $x = $r->xMm - $cx;
            $y = $r->yMm - $cy;
            $turn += $x * ($r->offYMm - $vy) - $y * ($r->offXMm - $vx);
            $arm += $x * $x + $y * $y;
        }
        $theta = $turn / $arm;

        return new RigidMove($vx + $theta * $cy, $vy - $theta * $cx, $theta);
    }

    /**
     * @param non-empty-list<Reading> $means
     *
     * @return Point|null direction of the line that all marks lie on, of length 1
     */
    private static function line(array $means): ?Point
    {
        $n = \count($means);
        $cx = array_sum(array_map(static fn (Reading $r): float => $r->xMm, $means)) / $n;
        $cy = array_sum(array_map(static fn (Reading $r): float => $r->yMm, $means)) / $n;
        $xx = $xy = $yy = 0.0;
        foreach ($means as $r) {
            $xx += ($r->xMm - $cx) ** 2;
            $xy += ($r->xMm - $cx) * ($r->yMm - $cy);
            $yy += ($r->yMm - $cy) ** 2;
        }
        $half = hypot(($xx - $yy) / 2, $xy);
        $along = sqrt(max(0.0, ($xx + $yy) / 2 + $half));
        $across = sqrt(max(0.0, ($xx + $yy) / 2 - $half));
        if ($across > max(self::ON_LINE_MM, self::ON_LINE_SHARE * $along)) {
            return null;
        }
        $angle = atan2(2 * $xy, $xx - $yy) / 2;

        return new Point(cos($angle), sin($angle));
    }

    /** @param non-empty-list<Reading> $means */
    private static function onLine(array $means, Point $line, float $rms, float $max, RigidMove $rigid): Misfit
    {
        [$ex, $ey] = [$line->xMm, $line->yMm];
        $rows = [];
        $right = [];
        foreach ($means as $r) {
            $s = $r->xMm * $ex + $r->yMm * $ey;
            // shift x, shift y, rotation, growth along the line
            $rows[] = [1.0, 0.0, -$r->yMm, $s * $ex];
            $right[] = $r->offXMm;
            $rows[] = [0.0, 1.0, $r->xMm, $s * $ey];
            $right[] = $r->offYMm;
        }
        $fit = Matrix::leastSquares(
            $rows,
            $right,
        ) ?? throw new \LogicException('Two marks always give shift, rotation and growth along their line.');
        [$tx, $ty, $theta, $growth] = $fit;
        $alongX = abs($ey) < 0.02;
        $alongY = abs($ex) < 0.02;
        $unknown = $alongX ? [
            'growth along y',
            'shear',
        ] : ($alongY ? ['growth along x', 'shear'] : ['growth across the line of the marks', 'shear']);

        return new Misfit(
            new Point($tx, $ty),
            rad2deg($theta),
            new Growth($alongX ? 100 * $growth : null, $alongY ? 100 * $growth : null, 100 * $growth, rad2deg(atan2($ey, $ex))),
            null,
            $rms,
            $max,
            rigid: $rigid,
            unknown: $unknown,
        );
    }
}
