<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/**
 * The CIEDE2000 colour difference.
 *
 * G. Sharma, W. Wu, E. N. Dalal: The CIEDE2000 color-difference formula: implementation notes, supplementary
 * test data, and mathematical observations. Color Research & Application 30 (2005) 21–30.
 */
final class Ciede2000
{
    private const POW_25_7 = 6103515625.0;

    public static function between(Lab $one, Lab $two): float
    {
        $meanC7 = ((hypot($one->a, $one->b) + hypot($two->a, $two->b)) / 2) ** 7;
        $g = 0.5 * (1 - sqrt($meanC7 / ($meanC7 + self::POW_25_7)));
        $a1 = (1 + $g) * $one->a;
        $a2 = (1 + $g) * $two->a;
        $c1 = hypot($a1, $one->b);
        $c2 = hypot($a2, $two->b);
        $h1 = self::hueDegrees($a1, $one->b);
        $h2 = self::hueDegrees($a2, $two->b);

        $dL = $two->l - $one->l;
        $dC = $c2 - $c1;
        $grey = $c1 * $c2 === 0.0;
        $turn = $h2 - $h1;
        $dh = match (true) {
            $grey => 0.0,
            $turn > 180 => $turn - 360,
            $turn < -180 => $turn + 360,
            default => $turn,
        };
        $dH = 2 * sqrt($c1 * $c2) * sin(deg2rad($dh / 2));

        $meanL = ($one->l + $two->l) / 2;
        $meanC = ($c1 + $c2) / 2;
        $sum = $h1 + $h2;
        $meanH = match (true) {
            $grey => $sum,
            abs($h1 - $h2) <= 180 => $sum / 2,
            $sum < 360 => ($sum + 360) / 2,
            default => ($sum - 360) / 2,
        };
        $t = 1 - 0.17 * cos(deg2rad($meanH - 30)) + 0.24 * cos(deg2rad(2 * $meanH))
            + 0.32 * cos(deg2rad(3 * $meanH + 6)) - 0.20 * cos(deg2rad(4 * $meanH - 63));
        $l50 = ($meanL - 50) ** 2;
        $sL = 1 + 0.015 * $l50 / sqrt(20 + $l50);
        $sC = 1 + 0.045 * $meanC;
        $sH = 1 + 0.015 * $meanC * $t;
        $meanC7 = $meanC ** 7;
        $rotation = -2 * sqrt($meanC7 / ($meanC7 + self::POW_25_7))
            * sin(deg2rad(60 * exp(-(($meanH - 275) / 25) ** 2)));

        return sqrt(
            ($dL / $sL) ** 2 + ($dC / $sC) ** 2 + ($dH / $sH) ** 2 + $rotation * ($dC / $sC) * ($dH / $sH)
        );
    }

    private static function hueDegrees(float $a, float $b): float
    {
        if ($a === 0.0 && $b === 0.0) {
            return 0.0;
        }
        $h = rad2deg(atan2($b, $a));

        return $h < 0 ? $h + 360 : $h;
    }
}
