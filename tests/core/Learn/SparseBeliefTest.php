<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Learn;

use Ektype\Core\Learn\LinearBelief;
use Ektype\Core\Learn\Matrix;
use Ektype\Core\Learn\SparseBelief;
use PHPUnit\Framework\TestCase;

final class SparseBeliefTest extends TestCase
{
    /** Against the dense belief, which takes one observation after the other. */
    public function testItBelievesWhatTheDenseOneBelieves(): void
    {
        mt_srand(5);
        $priors = $mean = $variance = [];
        for ($i = 0; $i < 9; ++$i) {
            $mean[] = $i / 3;
            $variance[] = (0.2 + $i / 10) ** 2;
            $priors['c'.$i] = [$i / 3, 0.2 + $i / 10];
        }
        $rows = $precision = $shift = [];
        $dense = new LinearBelief($priors);
        for ($k = 0; $k < 14; ++$k) {
            $row = [mt_rand(0, 3) => 1.0, mt_rand(4, 6) => 1.0, 7 => mt_rand(-100, 100) / 100, 8 => mt_rand(0, 100) / 100];
            $value = mt_rand(0, 500) / 100;
            $rows[] = $row;
            $precision[] = 1 / 0.3 ** 2;
            $shift[] = $value / 0.3 ** 2;
            $dense->observe(self::named($row), $value, 0.3);
        }
        $sparse = new SparseBelief($mean, $variance, [...$rows, [0 => 1.0, 5 => 1.0, 8 => 2.0]]);
        $sparse->settle($precision, $shift);
        foreach ([...$rows, [0 => 1.0, 5 => 1.0, 8 => 2.0], [2 => 1.0]] as $row) {
            $there = $dense->predict(self::named($row));
            [$is, $of] = $sparse->moments($row);
            self::assertEqualsWithDelta($there['mean'], $is, 1e-9);
            self::assertEqualsWithDelta($there['sd'], sqrt($of), 1e-9);
            $spread = $sparse->spread($row);
            self::assertEqualsWithDelta($of, array_sum(array_map(static fn (int $i, float $factor): float => $factor * $spread[$i], array_keys($row), $row)), 1e-9);
        }
    }

    public function testAnInverseTimesItsMatrixIsOne(): void
    {
        $a = [[4.0, 1.0, 0.5], [1.0, 3.0, 0.2], [0.5, 0.2, 2.0]];
        [$inverse, $determinant] = Matrix::inverse($a);
        foreach ($a as $i => $row) {
            foreach ([0, 1, 2] as $j) {
                self::assertEqualsWithDelta($i === $j ? 1.0 : 0.0, Matrix::dot($row, [$inverse[0][$j], $inverse[1][$j], $inverse[2][$j]]), 1e-12);
            }
        }
        // Sarrus
        self::assertEqualsWithDelta(4 * 3 * 2 + 2 * 1.0 * 0.2 * 0.5 - 0.5 * 3 * 0.5 - 4 * 0.2 * 0.2 - 2 * 1.0 * 1.0, $determinant, 1e-12);
    }

    /**
     * @param array<int, float> $row
     *
     * @return array<string, float>
     */
    private static function named(array $row): array
    {
        return array_combine(array_map(static fn (int $i): string => 'c'.$i, array_keys($row)), $row);
    }
}
