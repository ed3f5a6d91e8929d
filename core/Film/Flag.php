<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Unit\Point;

/**
 * The black square to the right of the top mark. Marks are alike all round; with it a film that lies mirrored, turned or
 * upside down is seen, by eye and by the light table.
 */
final class Flag
{
    public const SIDE_MM = 3.0;
    /** From the centre of the mark to its own. */
    public const OFF_MM = 6.5;
    /** Round it the film is clear by this much. */
    private const CLEAR_MM = 0.7;
    /** Of its middle that must be black, and round it at the most, share. */
    private const BLACK = 0.9;
    private const SPECKS = 0.15;

    /**
     * Where flags stand on a film: which mark they belong to, and on which side of it.
     *
     * @param list<Point> $marks from the film's top left corner, right and down
     *
     * @return list<FlagFound>
     */
    public static function on(BitPlane $plane, float $dpiX, float $dpiY, array $marks): array
    {
        $found = [];
        foreach ($marks as $mark) {
            foreach (FlagSide::cases() as $side) {
                [$right, $down] = $side->way();
                $x = $mark->xMm + $right * self::OFF_MM;
                $y = $mark->yMm + $down * self::OFF_MM;
                $whole = self::ink($plane, $dpiX, $dpiY, $x, $y, self::SIDE_MM - 0.6);
                if ($whole >= self::BLACK && self::frame($plane, $dpiX, $dpiY, $x, $y) <= self::SPECKS) {
                    $found[] = new FlagFound($mark, $side);
                }
            }
        }

        return $found;
    }

    /**
     * What is wrong with how a film lies, in a sentence; empty where it lies right.
     *
     * @param list<FlagFound> $flags
     * @param list<Point>     $marks
     * @param bool            $wanted whether the set was made with a flag
     */
    public static function says(array $flags, array $marks, bool $wanted): string
    {
        if ($flags === [] || $marks === []) {
            return $wanted && $marks !== [] ? 'the black square beside its top mark is missing, so whether it lies mirrored cannot be seen. Write it again.' : '';
        }
        $middle = array_sum(array_map(static fn (Point $m): float => $m->yMm, $marks)) / \count($marks);
        $upper = $flags[0]->mark->yMm < $middle;

        return match (true) {
            \count($flags) > 1 => 'more than one mark has a black square beside it. Is it two films in one?',
            $flags[0]->side === FlagSide::Right && $upper => '',
            $flags[0]->side === FlagSide::Left && $upper => 'it lies mirrored. Burned like this the plate prints mirrored: write or print it again, ink side up.',
            $flags[0]->side === FlagSide::Left => 'it lies upside down, turned by half. Turn it before it is burned.',
            $flags[0]->side === FlagSide::Right => 'it lies upside down and mirrored. Burned like this the plate prints mirrored: write or print it again, ink side up.',
            default => 'it lies on its side, turned by a quarter. Turn it before it is burned.',
        };
    }

    private static function frame(BitPlane $plane, float $dpiX, float $dpiY, float $x, float $y): float
    {
        $outer = self::SIDE_MM + 2 * self::CLEAR_MM;
        $inner = self::SIDE_MM + 0.4;
        $all = self::ink($plane, $dpiX, $dpiY, $x, $y, $outer) * $outer ** 2;
        $in = self::ink($plane, $dpiX, $dpiY, $x, $y, $inner) * $inner ** 2;

        return max(0.0, $all - $in) / ($outer ** 2 - $inner ** 2);
    }

    /** Share of a square round a place that is black, 0–1. */
    private static function ink(BitPlane $plane, float $dpiX, float $dpiY, float $xMm, float $yMm, float $sideMm): float
    {
        [$left, $right] = [($xMm - $sideMm / 2) / 25.4 * $dpiX, ($xMm + $sideMm / 2) / 25.4 * $dpiX];
        [$top, $bottom] = [($yMm - $sideMm / 2) / 25.4 * $dpiY, ($yMm + $sideMm / 2) / 25.4 * $dpiY];
        if ($left < 0 || $top < 0 || $right > $plane->width || $bottom > $plane->height) {
            return 0.0;
        }
        [$black, $all] = [0, 0];
        for ($y = (int) round($top); $y < (int) round($bottom); ++$y) {
            for ($x = (int) round($left); $x < (int) round($right); ++$x) {
                $black += (int) $plane->isSet($x, $y);
                ++$all;
            }
        }

        return $all === 0 ? 0.0 : $black / $all;
    }
}
