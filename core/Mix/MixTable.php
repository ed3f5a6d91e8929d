<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\SideBySide;

/**
 * How much each of many plates prints for every colour: a cube of colours solved together. Each node takes damped Gauss–Newton
 * steps towards its colour, tied to the mean of its neighbours and with a small price on ink, within bare and solid; first on a
 * coarse cube with a strong tie, then on finer ones with an easy one: so plates are smooth, and few inks print at any place.
 */
final readonly class MixTable
{
    public const SIDE = 33;
    /** Nodes a side, rounds, and the tie at the first round and at the last, ΔE00² for a whole coverage. */
    private const LEVELS = [[9, 80, 200.0, 6.0], [17, 30, 20.0, 3.0], [33, 10, 6.0, 3.0]];
    /** Price of a whole coverage, ΔE00², and how much dearer a highlight is: it prints where the base alone is not light enough (heuristic). */
    private const PRICE = 0.2;
    private const HIGHLIGHT = 15.0;
    private const DAMPED = 1.0;
    /** No step is longer, in the first round and in the last: what is straight near a node is not far from it. */
    private const FURTHEST = 0.1;
    private const NEAREST = 0.01;
    private const BEGIN = 0.15;

    /** @param list<list<float>> $nodes for each plate its coverage at each node, red first, then green, then blue */
    private function __construct(public array $nodes)
    {
    }

    /** @param bool $highlight whether the last plate is one */
    public static function of(LayeredInks $inks, bool $highlight = false): self
    {
        $last = $inks->many() - 1;
        $prices = array_map(static fn (int $plate): float => $highlight && $plate === $last ? self::PRICE * self::HIGHLIGHT : self::PRICE, range(0, $last));
        $side = 0;
        $nodes = [];
        foreach (self::LEVELS as [$next, $rounds, $strong, $easy]) {
            $nodes = $side === 0
                ? array_fill(0, $next ** 3, array_fill(0, $inks->many(), self::BEGIN))
                : self::finer($nodes, $side, $next);
            $side = $next;
            $nodes = self::settled($inks, $prices, $nodes, $side, $rounds, $strong, $easy);
        }

        return new self(array_map(static fn (int $plate): array => array_column($nodes, $plate), range(0, $inks->many() - 1)));
    }

    /**
     * @param non-empty-list<float> $prices of each plate
     * @param list<list<float>>     $nodes
     *
     * @return list<list<float>>
     */
    private static function settled(LayeredInks $inks, array $prices, array $nodes, int $side, int $rounds, float $strong, float $easy): array
    {
        $wished = [];
        for ($i = 0, $all = $side ** 3; $i < $all; ++$i) {
            $wished[] = new WishedColour(new Srgb(...array_map(static fn (int $n): int => (int) round(255 * $n / ($side - 1)), [$i % $side, intdiv($i, $side) % $side, intdiv($i, $side ** 2)])));
        }
        $halves = [[0, intdiv($side, 2)], [intdiv($side, 2), $side]];
        for ($round = 0; $round < $rounds; ++$round) {
            $done = $round / max(1, $rounds - 1);
            $tie = $strong * ($easy / $strong) ** $done;
            $furthest = self::FURTHEST * (self::NEAREST / self::FURTHEST) ** $done;
            $parts = SideBySide::all(array_map(static fn (array $half): \Closure => static fn (): array => self::round($inks, $prices, $nodes, $wished, $side, $half[0], $half[1], $tie, $furthest), $halves), $side > 16);
            $nodes = array_merge(...$parts);
        }

        return $nodes;
    }

    /**
     * @param non-empty-list<float> $prices
     * @param list<list<float>>     $nodes
     * @param list<WishedColour>    $wished
     *
     * @return list<list<float>> the nodes of some planes of blue, each a step further
     */
    private static function round(LayeredInks $inks, array $prices, array $nodes, array $wished, int $side, int $from, int $to, float $tie, float $furthest): array
    {
        $n = $inks->exponent();
        $many = $inks->many();
        $stepped = [];
        for ($i = $from * $side ** 2, $end = $to * $side ** 2; $i < $end; ++$i) {
            $here = $nodes[$i];
            $mean = array_fill(0, $many, 0.0);
            $count = 0;
            foreach ([[1, $i % $side], [$side, intdiv($i, $side) % $side], [$side ** 2, intdiv($i, $side ** 2)]] as [$stride, $at]) {
                foreach ([$at > 0 ? $i - $stride : -1, $at < $side - 1 ? $i + $stride : -1] as $beside) {
                    if ($beside >= 0) {
                        ++$count;
                        foreach ($nodes[$beside] as $k => $coverage) {
                            $mean[$k] += $coverage;
                        }
                    }
                }
            }
            [$root, $adds] = $inks->moved($here);
            [$off, $rows] = $wished[$i]->off($root, $n);
            $stepped[] = self::step($here, $mean, $count, $adds, $off, $rows, $tie, $prices, $furthest);
        }

        return $stepped;
    }

    /**
     * One step: (JᵀJ + t) δ = −Jᵀ off + tie (mean − here) − price / 2, by the 3 × 3 inverse of (t + JJᵀ). A plate that would
     * leave bare or solid takes no part.
     *
     * @param array<int, float>                                                                         $here
     * @param array<int, float>                                                                         $mean   sums over the neighbours
     * @param list<array{float, float, float}>                                                          $adds
     * @param array{float, float, float}                                                                $off
     * @param array{array{float, float, float}, array{float, float, float}, array{float, float, float}} $rows
     * @param non-empty-list<float>                                                                     $prices
     *
     * @return list<float>
     */
    private static function step(array $here, array $mean, int $count, array $adds, array $off, array $rows, float $tie, array $prices, float $furthest): array
    {
        $t = $tie + self::DAMPED;
        $columns = $force = [];
        [$xx, $xy, $xz, $yy, $yz, $zz] = [$t, 0.0, 0.0, $t, 0.0, $t];
        [$jx, $jy, $jz] = [0.0, 0.0, 0.0];
        foreach ($here as $k => $coverage) {
            [$r, $g, $b] = $adds[$k];
            $x = $rows[0][0] * $r + $rows[0][1] * $g + $rows[0][2] * $b;
            $y = $rows[1][0] * $r + $rows[1][1] * $g + $rows[1][2] * $b;
            $z = $rows[2][0] * $r + $rows[2][1] * $g + $rows[2][2] * $b;
            $f = $tie * ($mean[$k] / $count - $coverage) - $prices[$k] / 2 - ($x * $off[0] + $y * $off[1] + $z * $off[2]);
            if (($coverage <= 0.0 && $f < 0) || ($coverage >= 1.0 && $f > 0)) {
                continue;
            }
            $columns[$k] = [$x, $y, $z];
            $force[$k] = $f;
            $xx += $x * $x;
            $xy += $x * $y;
            $xz += $x * $z;
            $yy += $y * $y;
            $yz += $y * $z;
            $zz += $z * $z;
            $jx += $x * $f;
            $jy += $y * $f;
            $jz += $z * $f;
        }
        // The inverse of a symmetric matrix of three.
        [$a, $b, $c] = [$yy * $zz - $yz * $yz, $xz * $yz - $xy * $zz, $xy * $yz - $xz * $yy];
        $det = $xx * $a + $xy * $b + $xz * $c;
        [$d, $e, $f] = [$xx * $zz - $xz * $xz, $xy * $xz - $xx * $yz, $xx * $yy - $xy * $xy];
        [$ux, $uy, $uz] = [($a * $jx + $b * $jy + $c * $jz) / $det, ($b * $jx + $d * $jy + $e * $jz) / $det, ($c * $jx + $e * $jy + $f * $jz) / $det];
        foreach ($columns as $k => [$x, $y, $z]) {
            $step = ($force[$k] - $x * $ux - $y * $uy - $z * $uz) / $t;
            $here[$k] = max(0.0, min(1.0, $here[$k] + max(-$furthest, min($furthest, $step))));
        }

        return array_values($here);
    }

    /**
     * Straight between the nodes of a coarser cube.
     *
     * @param list<list<float>> $nodes
     *
     * @return list<list<float>>
     */
    private static function finer(array $nodes, int $side, int $next): array
    {
        $places = array_map(static function (int $i) use ($side, $next): array {
            $at = $i * ($side - 1) / ($next - 1);
            $node = min($side - 2, (int) $at);

            return [$node, $at - $node];
        }, range(0, $next - 1));
        $finer = [];
        foreach ($places as [$b, $pb]) {
            foreach ($places as [$g, $pg]) {
                foreach ($places as [$r, $pr]) {
                    $mixed = [];
                    foreach ($nodes[0] as $k => $_) {
                        $value = 0.0;
                        foreach ([[0, 1 - $pb], [1, $pb]] as [$ub, $wb]) {
                            foreach ([[0, 1 - $pg], [1, $pg]] as [$ug, $wg]) {
                                $at = $r + $side * ($g + $ug + $side * ($b + $ub));
                                $value += $wb * $wg * ($nodes[$at][$k] + $pr * ($nodes[$at + 1][$k] - $nodes[$at][$k]));
                            }
                        }
                        $mixed[] = $value;
                    }
                    $finer[] = $mixed;
                }
            }
        }

        return $finer;
    }
}
