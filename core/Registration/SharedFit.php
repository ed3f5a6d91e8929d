<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

use Ektype\Core\Learn\Matrix;
use Ektype\Core\Unit\Point;

/**
 * One turn, one growth and one shear for all prints, and a shift for each of them, by least squares: a mark that is missing on a print makes no false turn.
 *
 * @phpstan-type Shift array{float, float}
 */
final readonly class SharedFit
{
    /**
     * @param list<Shift> $shifts    of each print, at the centre of the marks, mm
     * @param Point       $centre    of all readings
     * @param float|null  $turnRad   null where one mark shows none
     * @param float       $arm2      Σ of squared distances of the marks from their print’s centre, mm²
     * @param int         $readings  marks read in all
     * @param float|null  $readingMm error of a reading, each way; null where nothing is left to tell it by
     * @param int         $freedoms  that it rests on
     * @param float       $across2   Σ of squared distances to the right, mm²; $along2 away
     */
    private function __construct(
        public array $shifts,
        public Point $centre,
        public ?float $turnRad,
        public float $arm2,
        public int $readings,
        public ?float $readingMm,
        public int $freedoms,
        public float $across2,
        public float $along2,
    ) {
    }

    /** @param list<list<Reading>> $prints */
    public static function of(array $prints): self
    {
        $all = array_merge(...$prints);
        $count = \count($all);
        $centre = new Point(
            array_sum(array_map(static fn (Reading $r): float => $r->xMm, $all)) / max(1, $count),
            array_sum(array_map(static fn (Reading $r): float => $r->yMm, $all)) / max(1, $count),
        );
        // Within each print: its own centre takes its own shift away.
        $turn = $arm2 = $across2 = $along2 = 0.0;
        $within = [];
        foreach ($prints as $p => $print) {
            $n = \count($print);
            [$cx, $cy, $vx, $vy] = self::means($print);
            foreach ($print as $r) {
                $within[] = [$r->xMm - $cx, $r->yMm - $cy, $r->offXMm - $vx, $r->offYMm - $vy];
            }
        }
        foreach ($within as [$x, $y, $dx, $dy]) {
            $turn += $x * $dy - $y * $dx;
            $arm2 += $x * $x + $y * $y;
            $across2 += $x * $x;
            $along2 += $y * $y;
        }
        // Marks that are too near to each other to tell a turn have no arm, on however many prints they were read.
        $theta = $all !== [] && MisfitFit::span($all) >= MisfitFit::NEAR_MM && $arm2 > 0 ? $turn / $arm2 : null;
        $shifts = [];
        foreach ($prints as $print) {
            [$cx, $cy, $vx, $vy] = self::means($print);
            $shifts[] = [
                $vx - ($theta ?? 0.0) * ($centre->yMm - $cy),
                $vy + ($theta ?? 0.0) * ($centre->xMm - $cx),
            ];
        }
        [$error, $freedoms] = self::error($within, \count($prints), $theta);

        return new self($shifts, $centre, $theta, $arm2, $count, $error, freedoms: $freedoms, across2: $across2, along2: $along2);
    }

    /**
     * What is left when turn, growth and shear are taken away too; where that leaves no freedom, the turn alone.
     *
     * @param list<array{float, float, float, float}> $within places and misfits from their print’s centre
     *
     * @return array{float|null, int}
     */
    private static function error(array $within, int $prints, ?float $theta): array
    {
        $n = \count($within);
        $free = 2 * ($n - $prints) - 4;
        $rows = $rightX = $rightY = [];
        foreach ($within as [$x, $y, $dx, $dy]) {
            $rows[] = [$x, $y];
            $rightX[] = $dx;
            $rightY[] = $dy;
        }
        if ($free > 0) {
            $ax = Matrix::leastSquares($rows, $rightX);
            $ay = Matrix::leastSquares($rows, $rightY);
            if ($ax !== null && $ay !== null) {
                $left = 0.0;
                foreach ($within as [$x, $y, $dx, $dy]) {
                    $left += ($dx - $ax[0] * $x - $ax[1] * $y) ** 2 + ($dy - $ay[0] * $x - $ay[1] * $y) ** 2;
                }

                return [sqrt($left / $free), $free];
            }
        }
        $free = 2 * ($n - $prints) - ($theta === null ? 0 : 1);
        if ($free <= 0) {
            return [null, 0];
        }
        $left = 0.0;
        foreach ($within as [$x, $y, $dx, $dy]) {
            $left += ($dx + ($theta ?? 0.0) * $y) ** 2 + ($dy - ($theta ?? 0.0) * $x) ** 2;
        }

        return [sqrt($left / $free), $free];
    }

    /**
     * @param list<Reading> $print
     *
     * @return array{float, float, float, float} place and misfit
     */
    private static function means(array $print): array
    {
        $n = max(1, \count($print));
        $sum = [0.0, 0.0, 0.0, 0.0];
        foreach ($print as $r) {
            $sum = [$sum[0] + $r->xMm, $sum[1] + $r->yMm, $sum[2] + $r->offXMm, $sum[3] + $r->offYMm];
        }

        return [$sum[0] / $n, $sum[1] / $n, $sum[2] / $n, $sum[3] / $n];
    }
}
