<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/**
 * Many cells that together fill whole film pixels, so that any ruling and angle come out as asked.
 *
 * A square with the side (a, b) in film pixels, y upwards, holds cells × cells dots; the plane is paved with it. Pixels
 * that lie a whole side apart are alike, so all of them are known by `rows` rows of `period` pixels: so many rows further
 * down the same rows come again, moved to the right by `shift`.
 */
final readonly class Supercell
{
    /** Film pixels across a cell: under this a dot has too few pixels to grow by (heuristic). */
    public const LEAST_CELL_PX = 5.0;
    public const LEAST_LPI = 5.0;
    public const MOST_ANGLE = 180.0;
    /** Asked for is this near, and never further than twice of it; lines per inch and degrees. */
    private const NEAR = 0.02;
    private const NEAR_ENOUGH = 0.05;
    /** Pixels of a supercell: fewer give too few tones, more take long to order. */
    private const LEAST_AREA = 4096;
    private const MOST_AREA = 2_500_000;

    public float $lpi;
    public float $angleDeg;
    public int $period;
    public int $rows;
    public int $shift;

    private function __construct(public int $a, public int $b, public int $cells, float $dpi)
    {
        $this->lpi = $dpi * $cells / hypot($a, $b);
        $this->angleDeg = rad2deg(atan2($b, $a));
        [$this->rows, $n, $m] = self::bezout($a, -$b);
        // n rows of (b, a) and m of (a, −b) lead so many rows down.
        $this->period = intdiv($a * $a + $b * $b, $this->rows);
        $shift = ($n * $b + $m * $a) % $this->period;
        $this->shift = $shift < 0 ? $shift + $this->period : $shift;
    }

    /**
     * @param float $dpi film pixels per inch
     * @param float $lpi lines per inch
     *
     * @throws ImpossibleDots where the film is too coarse, or the figures are no ruling and no angle
     */
    public static function for(float $dpi, float $lpi, float $angleDeg): self
    {
        if ($lpi < self::LEAST_LPI) {
            throw ImpossibleDots::at('lpi', \sprintf('A ruling of %g lines per inch gives dots of over %.0f mm: no tone would be seen. 20 to 65 is usual; check whether it is per inch.', $lpi, 25.4 / self::LEAST_LPI));
        }
        if ($dpi / $lpi < self::LEAST_CELL_PX) {
            throw ImpossibleDots::at('lpi', \sprintf('A film of %g dpi has %.1f pixels across a cell of %g lines per inch: too few for a dot to grow. Take %g lines per inch or coarser, or a finer film.', $dpi, $dpi / $lpi, $lpi, floor($dpi / self::LEAST_CELL_PX)));
        }
        if (abs($angleDeg) > self::MOST_ANGLE) {
            throw ImpossibleDots::at('angle', \sprintf('A screen is not set to %g°: its dots would come out as at %g°. Give 0 to 90°.', $angleDeg, fmod($angleDeg, 180.0)));
        }
        $best = null;
        $least = \INF;
        $turn = deg2rad($angleDeg);
        for ($cells = 1; $cells * $cells * ($dpi / $lpi) ** 2 <= self::MOST_AREA; ++$cells) {
            $a = (int) round($cells * $dpi / $lpi * cos($turn));
            $b = (int) round($cells * $dpi / $lpi * sin($turn));
            if ($a * $a + $b * $b < self::LEAST_AREA) {
                continue;
            }
            $found = new self($a, $b, $cells, $dpi);
            $off = $found->off($lpi, $angleDeg);
            if ($off < $least) {
                $least = $off;
                $best = $found;
            }
            if ($off <= self::NEAR) {
                return $found;
            }
        }
        if ($best === null || $least > self::NEAR_ENOUGH) {
            throw ImpossibleDots::at('lpi', \sprintf('A ruling of %g lines per inch at %g° does not come out on a film of %g dpi. Change it by a tenth.', $lpi, $angleDeg, $dpi));
        }

        return $best;
    }

    /** Furthest off what was asked, lines per inch or degrees. */
    private function off(float $lpi, float $angleDeg): float
    {
        return max(abs($this->lpi - $lpi), abs(fmod($this->angleDeg - $angleDeg + 540, 360) - 180));
    }

    /**
     * @return array{int<1, max>, int, int} g, n and m so that n x + m y = g, their greatest common divisor
     */
    private static function bezout(int $x, int $y): array
    {
        [$r, $s, $t] = [[$x, $y], [1, 0], [0, 1]];
        while ($r[1] !== 0) {
            $q = intdiv($r[0], $r[1]);
            $r = [$r[1], $r[0] - $q * $r[1]];
            $s = [$s[1], $s[0] - $q * $s[1]];
            $t = [$t[1], $t[0] - $q * $t[1]];
        }
        $sign = $r[0] < 0 ? -1 : 1;

        return [max(1, abs($r[0])), $sign * $s[0], $sign * $t[0]];
    }
}
