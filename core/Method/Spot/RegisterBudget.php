<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\PlaneDistance;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Separation\NeighbourBudget;
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
            school: '',
            wouldChange: $mm > 0 ? 'A wider trap makes it larger.' : 'Plates butt: any misfit shows. A trap gives room.',
        );
    }

    /** Whether two planes lie edge to edge anywhere, over a side of a pixel. */
    public static function touch(BitPlane $one, BitPlane $two): bool
    {
        $stride = max(1, $one->stride);
        // Above and below: the planes against each other by one row.
        if (Bits::meet(substr($one->bytes, $stride), $two->bytes) || Bits::meet(substr($two->bytes, $stride), $one->bytes)) {
            return true;
        }
        // Side by side: many rows in one number, each with room at its end.
        $room = str_repeat("\0", 8 - $stride % 8);
        $atOnce = $stride * max(1, intdiv(Bits::AT_ONCE, $stride + \strlen($room)));
        for ($at = 0; $at < \strlen($one->bytes); $at += $atOnce) {
            $rows = min($atOnce, \strlen($one->bytes) - $at);
            if (strspn($one->bytes, "\0", $at, $rows) === $rows || strspn($two->bytes, "\0", $at, $rows) === $rows) {
                continue;
            }
            $first = Bits::number(implode($room, str_split(substr($one->bytes, $at, $rows), $stride)).$room);
            $second = Bits::number(implode($room, str_split(substr($two->bytes, $at, $rows), $stride)).$room);
            if (gmp_sign((($first << 1) | ($first >> 1)) & $second) !== 0) {
                return true;
            }
        }

        return false;
    }
}
