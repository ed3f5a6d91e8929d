<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PlaneDistance;

/**
 * How far each pair of neighbouring plates may shift against each other before something shows between them.
 *
 * A gap opens when a point that only the second plate covers comes to lie where only the first was missing: the
 * shortest way between what only the one covers and what only the other covers, less the pixel that they touch by.
 */
final class RegisterBudget
{
    /** Larger budgets are not told apart, mm: no press is set so badly and still printed on. */
    public const MOST_MM = 0.6;

    /**
     * @param list<array{name: string, alone: BitPlane, printed: BitPlane}> $plates the colour plates in print order: as the art has them, and as they print with their trap
     *
     * @return list<array{one: string, two: string, mm: float}> neighbours only, tightest first
     */
    public static function of(array $plates, float $dpi): array
    {
        $pairs = [];
        $most = self::MOST_MM / 25.4 * $dpi;
        foreach ($plates as $i => $one) {
            foreach (\array_slice($plates, $i + 1) as $two) {
                if (!self::touch($one['alone'], $two['alone'])) {
                    continue;
                }
                $way = PlaneDistance::between($one['printed']->without($two['printed']), $two['printed']->without($one['printed']), $most);
                $pairs[] = ['one' => $one['name'], 'two' => $two['name'], 'mm' => round(max(0.0, min($way, $most) - 1) * 25.4 / $dpi, 3)];
            }
        }
        usort($pairs, static fn (array $a, array $b): int => $a['mm'] <=> $b['mm']);

        return $pairs;
    }

    /** Whether two planes lie edge to edge anywhere, over a side of a pixel. */
    public static function touch(BitPlane $one, BitPlane $two): bool
    {
        $stride = $one->stride;
        // Above and below: the planes against each other by one row.
        if (trim(substr($one->bytes, $stride) & substr($two->bytes, 0, -$stride), "\0") !== '' || trim(substr($two->bytes, $stride) & substr($one->bytes, 0, -$stride), "\0") !== '') {
            return true;
        }
        $blank = str_repeat("\0", $stride);
        for ($y = 0; $y < $one->height; ++$y) {
            $a = $one->row($y);
            $b = $two->row($y);
            if ($a === $blank || $b === $blank) {
                continue;
            }
            $first = gmp_import($a);
            $second = gmp_import($b);
            if (gmp_sign(gmp_and(gmp_or(gmp_mul($first, 2), gmp_div_q($first, 2)), $second)) !== 0) {
                return true;
            }
        }

        return false;
    }
}
