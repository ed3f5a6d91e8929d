<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Learn;

use Ektype\Core\Learn\LinearBelief;
use PHPUnit\Framework\TestCase;

final class LinearBeliefTest extends TestCase
{
    /** One coefficient, one reading: precisions add, the mean is weighted by them. */
    public function testAReadingIsWeighedByItsPrecision(): void
    {
        $belief = new LinearBelief(['a' => [2.0, 0.5]]);
        $belief->observe(['a' => 1.0], 3.0, 0.25);
        // precision 4 and 16: mean (4·2 + 16·3)/20, variance 1/20
        self::assertEqualsWithDelta([2.8, sqrt(1 / 20)], $belief->of('a'), 1e-12);
        $told = $belief->predict(['a' => 2.0]);
        self::assertEqualsWithDelta([5.6, 2 * sqrt(1 / 20)], [$told['mean'], $told['sd']], 1e-12);
        self::assertEqualsWithDelta([2 * 16 / 20], $told['weights'], 1e-12);
    }

    /** A sum was seen: both parts move, each by its own share of the doubt, and they are tied to each other after. */
    public function testASumMovesItsPartsByTheirDoubt(): void
    {
        $belief = new LinearBelief(['a' => [0.0, 2.0], 'b' => [0.0, 1.0]]);
        $belief->observe(['a' => 1.0, 'b' => 1.0], 6.0, 1.0);
        // total variance 4 + 1 + 1 = 6: a gains 4/6, b 1/6 of 6
        self::assertEqualsWithDelta(4.0, $belief->of('a')[0], 1e-12);
        self::assertEqualsWithDelta(1.0, $belief->of('b')[0], 1e-12);
        self::assertEqualsWithDelta(sqrt(4 - 16 / 6), $belief->of('a')[1], 1e-12);
        // Their difference: variance 4 + 1 − (4 − 1)²/6
        self::assertEqualsWithDelta(sqrt(5 - 9 / 6), $belief->predict(['a' => 1.0, 'b' => -1.0])['sd'], 1e-12);
    }

    public function testTheOrderOfReadingsDoesNotMatter(): void
    {
        $readings = [[['a' => 1.0], 1.0, 0.3], [['a' => 1.0, 'b' => 2.0], 4.0, 0.5], [['b' => 1.0], 1.2, 0.2]];
        $beliefs = array_map(static function (array $order) use ($readings): LinearBelief {
            $belief = new LinearBelief(['a' => [0.0, 1.0], 'b' => [0.0, 1.0]]);
            foreach ($order as $i) {
                $belief->observe(...$readings[$i]);
            }

            return $belief;
        }, [[0, 1, 2], [2, 0, 1]]);
        self::assertEqualsWithDelta($beliefs[0]->of('a'), $beliefs[1]->of('a'), 1e-12);
        self::assertEqualsWithDelta($beliefs[0]->of('b'), $beliefs[1]->of('b'), 1e-12);
    }

    /** “More than” and “less than”: mean and spread of the cut normal curve, by summing it in small steps. */
    public function testABoundLeavesTheMomentsOfTheCutCurve(): void
    {
        foreach ([[0.5, true], [0.5, false], [-0.8, true], [1.7, true], [-1.5, false]] as [$bound, $isAbove]) {
            $belief = new LinearBelief(['a' => [0.2, 0.7]]);
            $belief->observeBound(['a' => 1.0], $bound, $isAbove, 1e-6);
            [$mass, $first, $second] = [0.0, 0.0, 0.0];
            for ($x = -5.0; $x < 5.5; $x += 1e-4) {
                if ($isAbove === $x > $bound) {
                    $density = exp(-(($x - 0.2) / 0.7) ** 2 / 2);
                    $mass += $density;
                    $first += $x * $density;
                    $second += $x * $x * $density;
                }
            }
            $mean = $first / $mass;
            self::assertEqualsWithDelta(
                [$mean, sqrt($second / $mass - $mean ** 2)],
                $belief->of('a'),
                2e-3,
                ($isAbove ? 'more than ' : 'less than ').$bound,
            );
        }
    }

    public function testABoundThatSaysNothingNewChangesNothing(): void
    {
        $belief = new LinearBelief(['a' => [0.0, 1.0]]);
        $belief->observeBound(['a' => 1.0], -9.0, true, 0.01);
        self::assertEqualsWithDelta([0.0, 1.0], $belief->of('a'), 1e-6);
    }
}
