<?php

declare(strict_types=1);

namespace Ektype\Tests;

/**
 * Tests have two measures: the short one at each change, and the long one (`./ektype test long`), with more seeds, larger
 * pictures and those tests of the group “long” that take seconds each.
 */
final class Measure
{
    public static function isLong(): bool
    {
        return getenv('EKTYPE_MEASURE') === 'long';
    }

    /** So many in the short measure, so many in the long one. */
    public static function of(int $short, int $long): int
    {
        return self::isLong() ? $long : $short;
    }

    /**
     * In the short measure some of the cases, evenly taken; in the long one all.
     *
     * @template K
     * @template T
     *
     * @param iterable<K, T> $cases
     *
     * @return iterable<K, T>
     */
    public static function some(int $short, iterable $cases): iterable
    {
        $all = [];
        foreach ($cases as $name => $case) {
            $all[] = [$name, $case];
        }
        $count = self::isLong() ? \count($all) : min($short, \count($all));
        for ($i = 0; $i < $count; ++$i) {
            [$name, $case] = $all[intdiv($i * \count($all), $count)];
            yield $name => $case;
        }
    }
}
