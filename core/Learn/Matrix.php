<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/** The little linear algebra that fits and beliefs need; matrices are lists of rows. */
final class Matrix
{
    /** Pivots smaller than this, of the largest entry, count as zero. */
    private const SINGULAR = 1e-10;

    /**
     * Solves A x = b by elimination with row pivots.
     *
     * @param list<list<float>> $a square
     * @param list<float>       $b
     *
     * @return list<float>|null null where A is singular
     */
    public static function solve(array $a, array $b): ?array
    {
        $n = \count($b);
        $largest = 0.0;
        foreach ($a as $row) {
            $largest = max($largest, ...array_map(abs(...), $row));
        }
        for ($column = 0; $column < $n; ++$column) {
            $pivot = $column;
            for ($i = $column + 1; $i < $n; ++$i) {
                if (abs($a[$i][$column]) > abs($a[$pivot][$column])) {
                    $pivot = $i;
                }
            }
            if (abs($a[$pivot][$column]) <= self::SINGULAR * $largest) {
                return null;
            }
            [$a[$column], $a[$pivot]] = [$a[$pivot], $a[$column]];
            [$b[$column], $b[$pivot]] = [$b[$pivot], $b[$column]];
            for ($i = $column + 1; $i < $n; ++$i) {
                $factor = $a[$i][$column] / $a[$column][$column];
                for ($j = $column; $j < $n; ++$j) {
                    $a[$i][$j] -= $factor * $a[$column][$j];
                }
                $b[$i] -= $factor * $b[$column];
            }
        }
        $x = array_fill(0, $n, 0.0);
        for ($i = $n - 1; $i >= 0; --$i) {
            $sum = $b[$i];
            for ($j = $i + 1; $j < $n; ++$j) {
                $sum -= $a[$i][$j] * $x[$j];
            }
            $x[$i] = $sum / $a[$i][$i];
        }

        return array_values($x);
    }

    /**
     * The x that makes |A x − b| least, by the normal equations.
     *
     * @param list<list<float>> $a
     * @param list<float>       $b
     *
     * @return list<float>|null null where the columns depend on each other
     */
    public static function leastSquares(array $a, array $b): ?array
    {
        $n = \count($a[0] ?? []);
        $normal = [];
        $right = [];
        for ($i = 0; $i < $n; ++$i) {
            $row = [];
            for ($j = 0; $j < $n; ++$j) {
                $sum = 0.0;
                foreach ($a as $line) {
                    $sum += $line[$i] * $line[$j];
                }
                $row[] = $sum;
            }
            $normal[] = $row;
            $sum = 0.0;
            foreach ($a as $k => $line) {
                $sum += $line[$i] * $b[$k];
            }
            $right[] = $sum;
        }

        return self::solve($normal, $right);
    }

    /**
     * @param list<float> $one
     * @param list<float> $two
     */
    public static function dot(array $one, array $two): float
    {
        $sum = 0.0;
        foreach ($one as $i => $value) {
            $sum += $value * $two[$i];
        }

        return $sum;
    }

    /**
     * Of a symmetric positive definite matrix, by elimination without pivots.
     *
     * @param list<list<float>> $a
     *
     * @return array{list<list<float>>, float} its inverse and its determinant
     */
    public static function inverse(array $a): array
    {
        $n = \count($a);
        $inverse = [];
        for ($i = 0; $i < $n; ++$i) {
            $inverse[] = array_fill(0, $n, 0.0);
            $inverse[$i][$i] = 1.0;
        }
        $determinant = 1.0;
        for ($column = 0; $column < $n; ++$column) {
            $pivot = $a[$column][$column];
            $determinant *= $pivot;
            for ($j = 0; $j < $n; ++$j) {
                $a[$column][$j] /= $pivot;
                $inverse[$column][$j] /= $pivot;
            }
            for ($i = 0; $i < $n; ++$i) {
                $factor = $a[$i][$column];
                if ($i === $column || $factor === 0.0) {
                    continue;
                }
                for ($j = 0; $j < $n; ++$j) {
                    $a[$i][$j] -= $factor * $a[$column][$j];
                    $inverse[$i][$j] -= $factor * $inverse[$column][$j];
                }
            }
        }

        return [array_map(array_values(...), $inverse), $determinant];
    }
}
