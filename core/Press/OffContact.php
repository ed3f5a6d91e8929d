<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How far the screen stands off the garment: as low as still snaps off, by tension (heuristic table). */
final class OffContact
{
    /** N/cm => mm, interpolated. */
    private const BY_TENSION = [[15.0, 4.5], [20.0, 3.2], [25.0, 2.2], [30.0, 1.6]];
    public const RE_MESH_UNDER = 15.0;

    /** mm over the garment; fleece stands higher. */
    public static function mm(float $tensionNPerCm, string $substrate): float
    {
        $factor = $substrate === 'fleece' ? 2.0 : 1.0;
        $mm = self::BY_TENSION[3][1];
        if ($tensionNPerCm <= self::BY_TENSION[0][0]) {
            $mm = self::BY_TENSION[0][1];
        } else {
            for ($i = 0; $i < 3; ++$i) {
                [$below, $mmBelow] = self::BY_TENSION[$i];
                [$above, $mmAbove] = self::BY_TENSION[$i + 1];
                if ($tensionNPerCm <= $above) {
                    $mm = $mmBelow + ($mmAbove - $mmBelow) * ($tensionNPerCm - $below) / ($above - $below);
                    break;
                }
            }
        }

        return round($factor * $mm, 2);
    }
}
