<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;

/**
 * Nothing is printed that the garment gives. The garment’s own colour lies between the nodes of a cube, and straight between
 * them a little ink stands there that it does not need: that much is taken off, less and less up to the next nodes.
 */
final class GarmentLeft
{
    /** So near a colour is the garment’s own, codes of a channel: pixels take the lower and the upper step in turn. */
    private const OWN = 2.5;

    /**
     * @param list<string> $tables how much each plate prints at every step of the colours, a byte a step
     * @param int          $side   nodes a side of the cube that they come from
     *
     * @return list<string>
     */
    public static function of(array $tables, Srgb $garment, int $side): array
    {
        $steps = (int) round(\strlen($tables[0] ?? '') ** (1 / 3));
        $code = 255 / max(1, $steps - 1);
        $reach = 255 / ($side - 1);
        $axes = array_map(static function (int $value) use ($steps, $code, $reach): array {
            $axis = [];
            for ($step = max(0, (int) floor(($value - self::OWN - $reach) / $code)), $end = min($steps - 1, (int) ceil(($value + self::OWN + $reach) / $code)); $step <= $end; ++$step) {
                $axis[$step] = abs($step * $code - $value);
            }

            return $axis;
        }, [$garment->red, $garment->green, $garment->blue]);
        $parts = [];
        foreach ($axes[2] as $b => $blue) {
            foreach ($axes[1] as $g => $green) {
                foreach ($axes[0] as $r => $red) {
                    $part = 1 - max(0.0, max($red, $green, $blue) - self::OWN) / $reach;
                    if ($part > 0) {
                        $parts[$r + $steps * ($g + $steps * $b)] = $part;
                    }
                }
            }
        }
        $own = array_keys($parts, 1.0, true);

        return array_map(static function (string $table) use ($parts, $own): string {
            $most = max([0, ...array_map(static fn (int $at): int => \ord($table[$at]), $own)]);
            foreach ($most === 0 ? [] : $parts as $at => $part) {
                $table[$at] = \chr((int) max(0, round(\ord($table[$at]) - $most * $part)));
            }

            return $table;
        }, $tables);
    }
}
