<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** Figures for a film, drawn of seven bars, each a sixth of the height thick. */
final class Figures
{
    /** Bars that are black: top, upper left, upper right, middle, lower left, lower right, bottom. */
    private const BARS = ['1110111', '0010010', '1011101', '1011011', '0111010', '1101011', '1101111', '1010010', '1111111', '1111011'];
    private const WIDE = 0.55;
    private const NEXT = 0.8;
    private const THICK = 1 / 6;

    /**
     * @param float $left of the first figure, mm
     * @param float $top  mm
     * @param float $high mm
     * @param float $y    the row, mm
     *
     * @return list<DrawnSpan> black
     */
    public static function spans(string $figures, float $left, float $top, float $high, float $y): array
    {
        $at = ($y - $top) / $high;
        if ($at < 0 || $at >= 1) {
            return [];
        }
        $spans = [];
        foreach (str_split($figures) as $i => $figure) {
            $bars = self::BARS[(int) $figure];
            $x = $left + $i * self::NEXT * $high;
            $right = $x + self::WIDE * $high;
            $thick = self::THICK * $high;
            if (self::runs($bars, $at)) {
                $spans[] = new DrawnSpan($x, $right);
                continue;
            }
            if ($bars[$at < 0.5 ? 1 : 4] === '1') {
                $spans[] = new DrawnSpan($x, $x + $thick);
            }
            if ($bars[$at < 0.5 ? 2 : 5] === '1') {
                $spans[] = new DrawnSpan($right - $thick, $right);
            }
        }

        return $spans;
    }

    private static function runs(string $bars, float $at): bool
    {
        return ($bars[0] === '1' && $at < self::THICK)
            || ($bars[3] === '1' && abs($at - 0.5) < self::THICK / 2)
            || ($bars[6] === '1' && $at >= 1 - self::THICK);
    }
}
