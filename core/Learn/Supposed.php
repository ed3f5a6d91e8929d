<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/**
 * A combination of doubtful readings supposed to be slips, the others to be true, with its weight. What leaving a few out
 * of many does is reckoned from the inverse of the whole (block inversion), so that hundreds of combinations can be tried.
 *
 * @phpstan-import-type MeanVariance from SparseBelief
 */
final readonly class Supposed
{
    private const NOISE = 1e-12;

    /**
     * @param list<int>         $slips    the readings taken as slips
     * @param list<float>       $pull     of each reading on what is asked; nothing of the slips
     * @param list<list<float>> $released inverse of the slips’ block of the whole’s inverse
     */
    private function __construct(public float $weight, public array $slips, private array $pull, private array $released)
    {
    }

    /**
     * @param list<float>       $off        how far each reading lies from what the others expect
     * @param list<list<float>> $inverse    of the covariance of all of them as they are seen
     * @param float             $negligible share of the likeliest below which a combination is left out
     *
     * @return list<self> weights sum to 1
     */
    public static function all(array $off, array $inverse, int $mostSlips, float $negligible): array
    {
        $pulls = array_map(static fn (array $row): float => Matrix::dot($row, $off), $inverse);
        $weights = [];
        $sets = [[]];
        for ($at = 0; $at < \count($sets); ++$at) {
            $weights[] = self::weight($sets[$at], \count($off), $inverse, $pulls);
            if (\count($sets[$at]) < $mostSlips) {
                for ($next = $sets[$at] === [] ? 0 : max($sets[$at]) + 1; $next < \count($off); ++$next) {
                    $sets[] = [...$sets[$at], $next];
                }
            }
        }
        $most = $weights === [] ? 0.0 : max($weights);
        $kept = array_filter($weights, static fn (float $weight): bool => $weight - $most > log($negligible));
        $sum = array_sum(array_map(static fn (float $weight): float => exp($weight - $most), $kept));
        $all = [];
        foreach ($kept as $at => $weight) {
            $all[] = self::of($sets[$at], exp($weight - $most) / $sum, $inverse, $pulls);
        }

        return $all;
    }

    /**
     * @param list<float>       $spread   covariance of a question with each reading
     * @param list<list<float>> $inverse  as it was told {@see all}
     * @param float             $mean     of the question without the readings
     * @param float             $variance of it
     *
     * @return MeanVariance mean and variance with those that are true
     */
    public function moments(array $spread, array $inverse, float $mean, float $variance): array
    {
        foreach ($this->slips as $k) {
            $spread[$k] = 0.0;
        }
        $spread = array_values($spread);
        $through = array_map(static fn (array $row): float => Matrix::dot($row, $spread), $inverse);
        $variance -= Matrix::dot($through, $spread);
        foreach ($this->slips as $a => $k) {
            foreach ($this->slips as $b => $l) {
                $variance += $through[$k] * $this->released[$a][$b] * $through[$l];
            }
        }

        return [$mean + Matrix::dot($this->pull, $spread), max(self::NOISE, $variance)];
    }

    /**
     * @param list<int>         $slips
     * @param list<list<float>> $inverse
     * @param list<float>       $pulls
     *
     * @return float ln of how likely the combination is, but for what all have in common
     */
    private static function weight(array $slips, int $of, array $inverse, array $pulls): float
    {
        $weight = ($of - \count($slips)) * log(1 - Slips::SHARE);
        if ($slips === []) {
            return $weight;
        }
        [$released, $determinant] = self::released($slips, $inverse);
        foreach ($slips as $a => $k) {
            $far = 0.0;
            foreach ($slips as $b => $l) {
                $far += $released[$a][$b] * $pulls[$l];
            }
            // The chance of the true ones alone is that of all over that of the slips, were they true.
            $weight += $pulls[$k] * $far / 2;
            $weight += log(max(1e-300, Slips::evidence($far, $released[$a][$a])));
        }

        return $weight + \count($slips) * log(2 * \M_PI) / 2 - log($determinant) / 2;
    }

    /**
     * @param list<int>         $slips
     * @param list<list<float>> $inverse
     * @param list<float>       $pulls
     */
    private static function of(array $slips, float $weight, array $inverse, array $pulls): self
    {
        [$released] = self::released($slips, $inverse);
        $pull = $pulls;
        foreach ($slips as $a => $k) {
            $far = 0.0;
            foreach ($slips as $b => $l) {
                $far += $released[$a][$b] * $pulls[$l];
            }
            foreach ($pull as $i => $_) {
                $pull[$i] -= $inverse[$i][$k] * $far;
            }
        }
        foreach ($slips as $k) {
            $pull[$k] = 0.0;
        }

        return new self($weight, $slips, array_values($pull), $released);
    }

    /**
     * @param list<int>         $slips
     * @param list<list<float>> $inverse
     *
     * @return array{list<list<float>>, float} covariance of the slips as the true ones expect them, and the determinant of its inverse
     */
    private static function released(array $slips, array $inverse): array
    {
        $block = [];
        foreach ($slips as $k) {
            $block[] = array_map(static fn (int $l): float => $inverse[$k][$l], $slips);
        }

        return Matrix::inverse($block);
    }
}
