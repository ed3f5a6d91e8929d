<?php

declare(strict_types=1);

namespace Ektype\Core\Raster;

/** The shortest way from a printing pixel of one plane to one of another, centre to centre. */
final class PlaneDistance
{
    /**
     * Rows are widened as big integers until they meet; only distances below the best so far are tried.
     *
     * @param float $most in pixels: further apart is not looked for
     *
     * @return float in pixels; 0 where they overlap, INF where they lie further apart than asked
     */
    public static function between(BitPlane $one, BitPlane $two, float $most): float
    {
        $best = $most + 0.001;
        $found = false;
        $reach = (int) floor($most);
        $blank = str_repeat("\0", $one->stride);
        /** @var array<int, \GMP> $rowsOfTwo */
        $rowsOfTwo = [];
        for ($y = 0; $y < $one->height; ++$y) {
            unset($rowsOfTwo[$y - $reach - 1]);
            $row = $one->row($y);
            if ($row === $blank) {
                continue;
            }
            /** @var list<\GMP> $widened by so many pixels to each side */
            $widened = [Bits::number($row) << $reach];
            for ($step = 0; $step <= $reach && $step < $best; ++$step) {
                foreach ($step === 0 ? [0] : [$step, -$step] as $dy) {
                    if ($step >= $best || $y + $dy < 0 || $y + $dy >= $one->height) {
                        continue;
                    }
                    if (!isset($rowsOfTwo[$y + $dy])) {
                        $other = $two->row($y + $dy);
                        $rowsOfTwo[$y + $dy] = $other === $blank ? gmp_init(0) : Bits::number($other) << $reach;
                    }
                    $other = $rowsOfTwo[$y + $dy];
                    if (gmp_sign($other) === 0) {
                        continue;
                    }
                    $half = (int) floor(sqrt(max(0.0, $best * $best - $step * $step - 1e-6)));
                    while (\count($widened) <= $half) {
                        $last = $widened[\count($widened) - 1];
                        $widened[] = $last | ($last << 1) | ($last >> 1);
                    }
                    if (gmp_sign(gmp_and($widened[$half], $other)) === 0) {
                        continue;
                    }
                    while ($half > 0 && gmp_sign(gmp_and($widened[$half - 1], $other)) !== 0) {
                        --$half;
                    }
                    $best = sqrt($step * $step + $half * $half);
                    $found = true;
                    if ($best === 0.0) {
                        return 0.0;
                    }
                }
            }
        }

        return $found ? $best : \INF;
    }
}
