<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** How far the screen stands off the garment: as low as still snaps off, by tension (heuristic table). */
final class OffContact
{
    public const RE_MESH_UNDER = 15.0;

    /** mm over the garment; fleece stands higher. */
    public static function mm(float $tensionNPerCm, string $substrate): float
    {
        $factor = $substrate === 'fleece' ? 2.0 : 1.0;
        $table = self::byTension();
        $mm = $table[0][1];
        for ($i = 1, $end = \count($table); $i < $end; ++$i) {
            [$below, $mmBelow] = $table[$i - 1];
            [$above, $mmAbove] = $table[$i];
            if ($tensionNPerCm > $below) {
                $mm = $mmBelow + ($mmAbove - $mmBelow) * (min($tensionNPerCm, $above) - $below) / ($above - $below);
            }
        }

        return round($factor * $mm, 2);
    }

    /** @return non-empty-list<array{float, float}> N/cm and mm, interpolated between */
    private static function byTension(): array
    {
        return [[15.0, 4.5], [20.0, 3.2], [25.0, 2.2], [30.0, 1.6]];
    }
}
