<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/** Fourier coefficients of square openings and of round dots, of their mean. */
final class DotSpectrum
{
    /** A row of openings: sin πx / πx, x = order × open share of the pitch. */
    public static function openings(float $x): float
    {
        return abs($x) < 1e-9 ? 1.0 : sin(\M_PI * $x) / (\M_PI * $x);
    }

    /** Fourier coefficient of round dots of this radius (in cells) at this order, of their mean: 2 J1(z) / z. */
    public static function dots(float $radius, float $order): float
    {
        $z = 2 * \M_PI * $radius * $order;

        return abs($z) < 1e-9 ? 1.0 : 2 * self::besselJ1($z) / $z;
    }

    /** Bessel function of the first kind, order 1 (Abramowitz and Stegun 9.4.4 and 9.4.6). */
    public static function besselJ1(float $x): float
    {
        $size = abs($x);
        if ($size <= 3) {
            $t = ($x / 3) ** 2;

            return $x * (0.5 + $t * (-0.56249985 + $t * (0.21093573 + $t * (-0.03954289 + $t * (0.00443319 + $t * (-0.00031761 + $t * 0.00001109))))));
        }
        $t = 3 / $size;
        $f = 0.79788456 + $t * (0.00000156 + $t * (0.01659667 + $t * (0.00017105 + $t * (-0.00249511 + $t * (0.00113653 - $t * 0.00020033)))));
        $theta = $size - 2.35619449 + $t * (0.12499612 + $t * (0.00005650 + $t * (-0.00637879 + $t * (0.00074348 + $t * (0.00079824 - $t * 0.00029166)))));

        return ($x < 0 ? -1 : 1) * $f * cos($theta) / sqrt($size);
    }
}
