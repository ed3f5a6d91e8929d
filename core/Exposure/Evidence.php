<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/**
 * What one ladder of strips, or one look at a screen, says of ln T. Readings of one ladder share its rounding: the strips
 * lie where they lie, however often they are read; only the noise of reading averages. A bound that is told twice is one.
 */
final readonly class Evidence
{
    /** Noise of reading a test, ln. */
    public const READING_SD = 0.05;
    /** A best strip without its neighbours: about what strips a fifth apart leave open, ln (heuristic). */
    private const BEST_ALONE_SD = 0.15;
    /** Readings of one ladder further apart than this, ln, are no repeats of one sight (heuristic: half as much again). */
    private const ONE_SIGHT_LN = 0.4;

    /**
     * @param list<int>            $tests    that say it
     * @param array<string, float> $terms    whose sum is seen
     * @param float                $value    ln of the seconds, the distance taken off
     * @param bool|null            $isAbove  of a bound: whether the time lies above it; null for a value
     * @param float                $distance ln that was taken off
     */
    private function __construct(
        public array $tests,
        public array $terms,
        public float $value,
        public float $sd,
        public ?bool $isAbove,
        public float $distance,
    ) {
    }

    /**
     * @param list<TestReading> $tests
     *
     * @return list<self>
     */
    public static function of(array $tests, ExposureTerms $made): array
    {
        $ladders = [];
        foreach ($tests as $i => $test) {
            $s = $made->spelled($test->setting);
            $where = serialize([$s->lamp, $s->emulsion, $s->thicknessUm, $s->dyed, $s->film, $s->distanceMm, $s->lampHours, $s->startLossS, $test->isOneSided(), $test->isOneSided() && $test->lowS === null]);
            $ladders[$where][] = $i;
        }
        $evidence = [];
        foreach ($ladders as $there) {
            foreach (self::together($there, $tests) as $repeats) {
                $evidence[] = self::from($repeats, $tests, $made);
            }
        }

        return $evidence;
    }

    /**
     * @param non-empty-list<int> $there tests of one setting
     * @param list<TestReading>   $tests
     *
     * @return list<non-empty-list<int>> those that share a strip and an outcome
     */
    private static function together(array $there, array $tests): array
    {
        usort($there, static fn (int $a, int $b): int => [self::middle($tests[$a]), $a] <=> [self::middle($tests[$b]), $b]);
        $groups = [];
        foreach ($there as $i) {
            $last = \count($groups) - 1;
            $near = $last >= 0 ? $groups[$last] : [];
            $joins = false;
            foreach ($near as $other) {
                $joins = $joins || array_intersect(self::strips($tests[$i]), self::strips($tests[$other])) !== [];
            }
            if ($joins && self::middle($tests[$i]) - self::middle($tests[$near[0]]) < self::ONE_SIGHT_LN) {
                $groups[$last] = [...$near, $i];
            } else {
                $groups[] = [$i];
            }
        }

        return array_values($groups);
    }

    /**
     * @param non-empty-list<int> $repeats
     * @param list<TestReading>   $tests
     */
    private static function from(array $repeats, array $tests, ExposureTerms $made): self
    {
        $first = $tests[$repeats[0]];
        $distance = $made->distance($first->setting);
        $n = \count($repeats);
        if ($first->isOneSided()) {
            $bounds = array_map(static fn (int $i): float => self::middle($tests[$i]), $repeats);

            return new self($repeats, $made->of($first->setting), array_sum($bounds) / $n - $distance, self::READING_SD, $first->lowS !== null, $distance);
        }
        $middle = array_sum(array_map(static fn (int $i): float => self::middle($tests[$i]), $repeats)) / $n;
        $rounding = array_sum(array_map(static fn (int $i): float => self::roundingVariance($tests[$i]), $repeats)) / $n;
        $scatter = array_sum(array_map(static fn (int $i): float => (self::middle($tests[$i]) - $middle) ** 2, $repeats)) / $n;

        return new self(
            $repeats,
            $made->of($first->setting),
            $middle - $distance,
            sqrt($rounding + (self::READING_SD ** 2 + $scatter) / $n),
            null,
            $distance,
        );
    }

    /** ln of what was read, as one burn. */
    private static function middle(TestReading $test): float
    {
        if ($test->lowS !== null && $test->highS !== null) {
            return (log($test->oneBurnS($test->lowS)) + log($test->oneBurnS($test->highS))) / 2;
        }

        return log($test->oneBurnS($test->bestS ?? $test->lowS ?? $test->highS ?? 1.0));
    }

    private static function roundingVariance(TestReading $test): float
    {
        return $test->lowS !== null && $test->highS !== null
            ? log($test->oneBurnS($test->highS) / $test->oneBurnS($test->lowS)) ** 2 / 12
            : self::BEST_ALONE_SD ** 2 - self::READING_SD ** 2;
    }

    /** @return list<string> times of its strips, as they are compared */
    private static function strips(TestReading $test): array
    {
        return array_map(static fn (float $s): string => \sprintf('%.4e', $s), array_values(array_filter([$test->lowS, $test->bestS, $test->highS], static fn (?float $s): bool => $s !== null)));
    }
}
