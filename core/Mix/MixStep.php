<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;

/**
 * One damped Gauss–Newton step of some coverages towards a colour.
 *
 * @phpstan-import-type Channels from Srgb
 *
 * @phpstan-type Matrix3 array{Channels, Channels, Channels}
 */
final class MixStep
{
    private const DAMPED = 1.0;

    /**
     * (JᵀJ + t) δ = −Jᵀ off + tie (mean − here) − price / 2, by the 3 × 3 inverse of (t + JJᵀ). A plate that would leave bare or
     * solid takes no part.
     *
     * @param array<int, float> $here
     * @param array<int, float> $mean     of the neighbours
     * @param list<Channels>    $adds     what each plate adds to the root of light
     * @param Channels          $off      what the print is off
     * @param Matrix3           $rows     how that moves with light
     * @param float             $tie      to the neighbours, ΔE00² for a whole coverage
     * @param float             $black    wished of the plate that is held to a share
     * @param float             $furthest a coverage moves no further, 0–1
     *
     * @return list<float>
     */
    public static function of(array $here, array $mean, array $adds, array $off, array $rows, float $tie, MixTerms $terms, float $black, float $furthest): array
    {
        $t = $tie + self::DAMPED;
        $prices = $terms->prices;
        $columns = $force = [];
        [$xx, $xy, $xz, $yy, $yz, $zz] = [$t, 0.0, 0.0, $t, 0.0, $t];
        [$jx, $jy, $jz] = [0.0, 0.0, 0.0];
        // Where no more ink may lie, black is free to take the place of the others.
        $held = $terms->isFull($here) ? 0.0 : MixTerms::HELD;
        foreach ($here as $k => $coverage) {
            [$r, $g, $b] = $adds[$k];
            $x = $rows[0][0] * $r + $rows[0][1] * $g + $rows[0][2] * $b;
            $y = $rows[1][0] * $r + $rows[1][1] * $g + $rows[1][2] * $b;
            $z = $rows[2][0] * $r + $rows[2][1] * $g + $rows[2][2] * $b;
            $f = $tie * ($mean[$k] - $coverage) - $prices[$k] / 2 - ($x * $off[0] + $y * $off[1] + $z * $off[2]);
            if ($k === $terms->black) {
                $f += $held * ($black - $coverage);
            }
            if (($coverage <= 0.0 && $f < 0) || ($coverage >= 1.0 && $f > 0)) {
                continue;
            }
            $columns[$k] = [$x, $y, $z];
            $force[$k] = $f;
            $xx += $x * $x;
            $xy += $x * $y;
            $xz += $x * $z;
            $yy += $y * $y;
            $yz += $y * $z;
            $zz += $z * $z;
            $jx += $x * $f;
            $jy += $y * $f;
            $jz += $z * $f;
        }
        // The inverse of a symmetric matrix of three.
        [$a, $b, $c] = [$yy * $zz - $yz * $yz, $xz * $yz - $xy * $zz, $xy * $yz - $xz * $yy];
        $det = $xx * $a + $xy * $b + $xz * $c;
        [$d, $e, $f] = [$xx * $zz - $xz * $xz, $xy * $xz - $xx * $yz, $xx * $yy - $xy * $xy];
        [$ux, $uy, $uz] = [($a * $jx + $b * $jy + $c * $jz) / $det, ($b * $jx + $d * $jy + $e * $jz) / $det, ($c * $jx + $e * $jy + $f * $jz) / $det];
        foreach ($columns as $k => [$x, $y, $z]) {
            $step = ($force[$k] - $x * $ux - $y * $uy - $z * $uz) / ($k === $terms->black ? $t + $held : $t);
            $here[$k] = max(0.0, min(1.0, $here[$k] + max(-$furthest, min($furthest, $step))));
        }

        return $terms->total === \INF ? array_values($here) : self::within($here, $terms);
    }

    /**
     * Brought under the total: what is too much goes from the colours, black stays.
     *
     * @param array<int, float> $here
     *
     * @return list<float>
     */
    public static function within(array $here, MixTerms $terms): array
    {
        $colours = array_values(array_diff($terms->counted, $terms->black === null ? [] : [$terms->black]));
        $sum = array_sum(array_map(static fn (int $k): float => $here[$k], $colours));
        $room = max(0.0, $terms->total - ($terms->black === null ? 0.0 : $here[$terms->black]));
        if ($sum > $room && $sum > 0) {
            foreach ($colours as $k) {
                $here[$k] *= $room / $sum;
            }
        }

        return array_values($here);
    }
}
