<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PlaneDistance;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Unit\Figure;
use Ektype\Core\Unit\Sign;

/**
 * How far each pair of neighbouring plates may shift against each other before something shows between them.
 *
 * A gap opens when the edge of the second plate is drawn back over what only the second was to cover. So the budget is
 * the shortest way between the part of the art that only the one plate prints and the part that only the other prints,
 * less the pixel by which they touch.
 */
final class RegisterBudget
{
    /** Larger budgets are not told apart, mm: no press is set so badly and still printed on. */
    public const MOST_MM = 0.6;

    /**
     * @param list<PlateDraft> $plates  the colour plates as the art has them
     * @param list<BitPlane>   $printed each as it prints, with its trap
     *
     * @return list<NeighbourBudget> neighbours only, tightest first
     */
    public static function of(array $plates, array $printed, float $dpi): array
    {
        $most = self::MOST_MM / 25.4 * $dpi;
        $pieces = [];
        foreach ($plates as $i => $one) {
            for ($j = $i + 1; $j < \count($plates); ++$j) {
                $two = $plates[$j];
                $pieces[] = static function () use ($one, $two, $i, $j, $printed, $most, $dpi): ?NeighbourBudget {
                    if (!self::touch($one->alone, $two->alone)) {
                        return null;
                    }
                    $way = PlaneDistance::between($one->alone->without($printed[$j]), $two->alone->without($printed[$i]), $most);

                    return new NeighbourBudget($one->name, $two->name, round(max(0.0, min($way, $most) - 1) * 25.4 / $dpi, 3));
                };
            }
        }
        $large = $plates !== [] && \strlen($plates[0]->alone->bytes) > 500_000;
        $pairs = array_values(array_filter(SideBySide::all($pieces, $large), static fn (?NeighbourBudget $pair): bool => $pair !== null));
        usort($pairs, static fn (NeighbourBudget $a, NeighbourBudget $b): int => $a->mm <=> $b->mm);

        return $pairs;
    }

    /** @param non-empty-list<NeighbourBudget> $pairs tightest first */
    public static function figure(array $pairs): Figure
    {
        $mm = $pairs[0]->mm;

        return new Figure(
            $mm,
            'mm',
            $mm > 0 ? Sign::Reckoned : Sign::OutOfBounds,
            'geometry of the plates, to a film pixel',
            'The shortest way, anywhere on the print, between what only the one plate covers and what only its neighbour covers',
            array_map(static fn (NeighbourBudget $p): string => \sprintf('%s and %s: %.2f mm', $p->one, $p->two, $p->mm), $pairs),
            '',
            $mm > 0 ? 'A wider trap makes it larger.' : 'Plates butt: any misfit shows. A trap gives room.',
        );
    }

    /** Whether two planes lie edge to edge anywhere, over a side of a pixel. */
    public static function touch(BitPlane $one, BitPlane $two): bool
    {
        $stride = $one->stride;
        // Above and below: the planes against each other by one row.
        if (trim(
            substr($one->bytes, $stride) & substr($two->bytes, 0, -$stride),
            "\0",
        ) !== '' || trim(substr($two->bytes, $stride) & substr($one->bytes, 0, -$stride), "\0") !== '') {
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
