<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Learn;

use Ektype\Core\Learn\Matrix;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

final class MatrixTest extends TestCase
{
    /** Systems whose solution was chosen first. */
    public function testSolvesWhatWasMadeFromAKnownSolution(): void
    {
        $random = new Randomizer(new Mt19937(5));
        for ($n = 1; $n <= 6; ++$n) {
            for ($try = 0; $try < 20; ++$try) {
                $a = array_map(
                    static fn (): array => array_map(static fn (): float => $random->getInt(-90, 90) / 10, range(1, $n)),
                    range(1, $n),
                );
                $x = array_map(static fn (): float => $random->getInt(-50, 50) / 10, range(1, $n));
                $b = array_map(
                    static fn (array $row): float => array_sum(array_map(static fn (float $p, float $q): float => $p * $q, $row, $x)),
                    $a,
                );
                $found = Matrix::solve($a, $b);
                if ($found !== null) {
                    self::assertEqualsWithDelta($x, $found, 1e-6);
                }
            }
        }
    }

    public function testRowsAreSwappedWhereThePivotIsZero(): void
    {
        self::assertSame([3.0, 2.0], Matrix::solve([[0.0, 1.0], [1.0, 0.0]], [2.0, 3.0]));
    }

    public function testWhatDependsOnEachOtherIsSaid(): void
    {
        self::assertNull(Matrix::solve([[1.0, 2.0], [2.0, 4.0]], [1.0, 2.0]));
        self::assertNull(Matrix::leastSquares([[1.0, 1.0], [2.0, 2.0], [3.0, 3.0]], [1.0, 2.0, 3.0]));
    }

    /** A straight line through four points, by the textbook: slope Sxy/Sxx, through the means. */
    public function testLeastSquaresIsTheLineOfTheTextbook(): void
    {
        $fit = Matrix::leastSquares([[1.0, 0.0], [1.0, 1.0], [1.0, 2.0], [1.0, 3.0]], [1.0, 3.0, 2.0, 5.0]);
        // x̄ 1.5, ȳ 2.75; Sxx 5, Sxy (−1.5)(−1.75) + (−0.5)(0.25) + (0.5)(−0.75) + (1.5)(2.25) = 5.5
        self::assertEqualsWithDelta([2.75 - 1.1 * 1.5, 1.1], $fit, 1e-12);
        self::assertSame(11.0, Matrix::dot([1.0, 2.0], [3.0, 4.0]));
    }
}
