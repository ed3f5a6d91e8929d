<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Unit\Point;

/**
 * Looks for a plate’s cross within the key’s ring, whatever its colour: the place where four arms differ from the four fields
 * between them, all the same way through the colours. The ring’s own line is left out.
 *
 * @phpstan-import-type Channels from Srgb
 *
 * @phpstan-type Sums array{array<int, float>, array<int, float>, array<int, float>, array<int, float>}
 */
final readonly class FoundCross
{
    private const CELL_MM = 0.1;
    /** A plate further off than this is not read from its target, mm. */
    public const FARTHEST_MM = 1.7;
    /** About the middle of the ring’s line, left out, mm. */
    private const RING_MM = 0.32;
    /** Of an arm’s or a field’s cells so many must be seen, share. */
    private const SEEN = 0.35;

    /**
     * @param Point    $at       from the middle of the window
     * @param Channels $way      through the colours, from cloth to ink, of length 1
     * @param float    $strength of the weakest arm along it, 0 to 255
     * @param float    $noise    of the cloth along it, of one cell
     */
    private function __construct(public Point $at, public array $way, public float $strength, public float $noise)
    {
    }

    public static function in(TargetWindow $window, Point $ring): ?self
    {
        $cells = (int) floor(2 * TargetWindow::REACH_MM / self::CELL_MM);
        [$sums, $noise] = self::cells($window, $ring, $cells);
        $best = null;
        $most = 0.0;
        $reach = (int) round(self::FARTHEST_MM / self::CELL_MM);
        $middleX = (int) round(($ring->xMm + TargetWindow::REACH_MM) / self::CELL_MM);
        $middleY = (int) round(($ring->yMm + TargetWindow::REACH_MM) / self::CELL_MM);
        for ($dy = -$reach; $dy <= $reach; ++$dy) {
            for ($dx = -$reach; $dx <= $reach; ++$dx) {
                if (hypot($dx, $dy) > $reach) {
                    continue;
                }
                $found = self::here($sums, $cells, $middleX + $dx, $middleY + $dy);
                if ($found !== null && $found[1] > $most) {
                    $most = $found[1];
                    $best = [$middleX + $dx, $middleY + $dy, $found[0]];
                }
            }
        }
        if ($best === null) {
            return null;
        }
        [$x, $y, $way] = $best;
        // The grain of cloth is mostly grey: all three colours stray together.
        $along = abs($way[0]) * $noise[0] + abs($way[1]) * $noise[1] + abs($way[2]) * $noise[2];

        return new self(new Point($x * self::CELL_MM - TargetWindow::REACH_MM, $y * self::CELL_MM - TargetWindow::REACH_MM), $way, $most, $along);
    }

    /** How many places of the window’s grid the line of the ring hides.
     *
     * @return array<int, true>
     */
    public static function ringHides(TargetWindow $window, Point $ring): array
    {
        $hidden = [];
        for ($j = 0; $j < $window->side; ++$j) {
            for ($i = 0; $i < $window->side; ++$i) {
                if (abs(hypot($window->at($i) - $ring->xMm, $window->at($j) - $ring->yMm) - RegisterStrip::RING_MM) < self::RING_MM) {
                    $hidden[$j * $window->side + $i] = true;
                }
            }
        }

        return $hidden;
    }

    /**
     * Sums over all cells above and to the left, of what is seen and of each colour; and how the cloth strays in each colour.
     *
     * @return array{Sums, Channels}
     */
    private static function cells(TargetWindow $window, Point $ring, int $cells): array
    {
        $count = $red = $green = $blue = array_fill(0, $cells * $cells, 0.0);
        for ($j = 0; $j < $window->side; ++$j) {
            $y = $window->at($j);
            $row = (int) floor(($y + TargetWindow::REACH_MM) / self::CELL_MM);
            for ($i = 0; $i < $window->side; ++$i) {
                $x = $window->at($i);
                $column = (int) floor(($x + TargetWindow::REACH_MM) / self::CELL_MM);
                $at = $j * $window->side + $i;
                if ($row < 0 || $column < 0 || $row >= $cells || $column >= $cells || is_nan($window->red[$at])
                    || abs(hypot($x - $ring->xMm, $y - $ring->yMm) - RegisterStrip::RING_MM) < self::RING_MM) {
                    continue;
                }
                $cell = $row * $cells + $column;
                ++$count[$cell];
                $red[$cell] += $window->red[$at];
                $green[$cell] += $window->green[$at];
                $blue[$cell] += $window->blue[$at];
            }
        }
        $wide = $cells + 1;
        $all = $reds = $greens = $blues = array_fill(0, $wide * $wide, 0.0);
        $outside = [[], [], []];
        for ($j = 0; $j < $cells; ++$j) {
            [$n, $r, $g, $b] = [0.0, 0.0, 0.0, 0.0];
            for ($i = 0; $i < $cells; ++$i) {
                $cell = $j * $cells + $i;
                if ($count[$cell] > 0) {
                    $mean = [$red[$cell] / $count[$cell], $green[$cell] / $count[$cell], $blue[$cell] / $count[$cell]];
                    [$n, $r, $g, $b] = [$n + 1, $r + $mean[0], $g + $mean[1], $b + $mean[2]];
                    if (hypot(($i + 0.5) * self::CELL_MM - TargetWindow::REACH_MM - $ring->xMm, ($j + 0.5) * self::CELL_MM - TargetWindow::REACH_MM - $ring->yMm) > RegisterStrip::RING_MM + self::RING_MM) {
                        $outside[0][] = $mean[0];
                        $outside[1][] = $mean[1];
                        $outside[2][] = $mean[2];
                    }
                }
                [$here, $above] = [($j + 1) * $wide + $i + 1, $j * $wide + $i + 1];
                $all[$here] = $all[$above] + $n;
                $reds[$here] = $reds[$above] + $r;
                $greens[$here] = $greens[$above] + $g;
                $blues[$here] = $blues[$above] + $b;
            }
        }

        return [[$all, $reds, $greens, $blues], [self::strays($outside[0]), self::strays($outside[1]), self::strays($outside[2])]];
    }

    /**
     * @param Sums $sums
     *
     * @return array{Channels, float}|null the way from cloth to ink, and how strong the weakest arm is along it
     */
    private static function here(array $sums, int $cells, int $x, int $y): ?array
    {
        $arm = (int) round(RegisterStrip::CROSS_MM / self::CELL_MM);
        // Three cells wide, as the line is; fields begin two cells further off.
        $arms = [
            self::mean($sums, $cells, $x - 1, $y + 3, $x + 2, $y + $arm),
            self::mean($sums, $cells, $x - 1, $y - $arm + 1, $x + 2, $y - 2),
            self::mean($sums, $cells, $x + 3, $y - 1, $x + $arm, $y + 2),
            self::mean($sums, $cells, $x - $arm + 1, $y - 1, $x - 2, $y + 2),
        ];
        $fields = [
            self::mean($sums, $cells, $x + 4, $y + 4, $x + $arm, $y + $arm),
            self::mean($sums, $cells, $x + 4, $y - $arm + 1, $x + $arm, $y - 3),
            self::mean($sums, $cells, $x - $arm + 1, $y + 4, $x - 3, $y + $arm),
            self::mean($sums, $cells, $x - $arm + 1, $y - $arm + 1, $x - 3, $y - 3),
        ];
        $arms = array_values(array_filter($arms));
        $fields = array_values(array_filter($fields));
        if (\count($arms) < 3 || \count($fields) < 3) {
            return null;
        }
        $way = [0.0, 0.0, 0.0];
        for ($c = 0; $c < 3; ++$c) {
            $way[$c] = array_sum(array_column($arms, $c)) / \count($arms) - array_sum(array_column($fields, $c)) / \count($fields);
        }
        $long = sqrt($way[0] ** 2 + $way[1] ** 2 + $way[2] ** 2);
        if ($long < 1) {
            return null;
        }
        $way = [$way[0] / $long, $way[1] / $long, $way[2] / $long];
        [$weakest, $strongest] = [\INF, -\INF];
        foreach ($arms as $of) {
            $weakest = min($weakest, $way[0] * $of[0] + $way[1] * $of[1] + $way[2] * $of[2]);
        }
        foreach ($fields as $of) {
            $strongest = max($strongest, $way[0] * $of[0] + $way[1] * $of[1] + $way[2] * $of[2]);
        }

        return [$way, $weakest - $strongest];
    }

    /**
     * @param Sums $sums
     *
     * @return Channels|null null where too little of it is seen
     */
    private static function mean(array $sums, int $cells, int $left, int $top, int $right, int $bottom): ?array
    {
        if ($left < 0 || $top < 0 || $right > $cells || $bottom > $cells) {
            return null;
        }
        $wide = $cells + 1;
        [$a, $b, $c, $d] = [$bottom * $wide + $right, $top * $wide + $right, $bottom * $wide + $left, $top * $wide + $left];
        $n = $sums[0][$a] - $sums[0][$b] - $sums[0][$c] + $sums[0][$d];
        if ($n < self::SEEN * ($right - $left) * ($bottom - $top)) {
            return null;
        }

        return [
            ($sums[1][$a] - $sums[1][$b] - $sums[1][$c] + $sums[1][$d]) / $n,
            ($sums[2][$a] - $sums[2][$b] - $sums[2][$c] + $sums[2][$d]) / $n,
            ($sums[3][$a] - $sums[3][$b] - $sums[3][$c] + $sums[3][$d]) / $n,
        ];
    }

    /** @param list<float> $values */
    private static function strays(array $values): float
    {
        if ($values === []) {
            return 0.0;
        }
        sort($values);
        $middle = $values[intdiv(\count($values), 2)];
        $offs = array_map(static fn (float $v): float => abs($v - $middle), $values);
        sort($offs);

        return 1.4826 * $offs[intdiv(\count($offs), 2)];
    }
}
