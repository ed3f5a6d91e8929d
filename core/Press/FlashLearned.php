<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/**
 * How fast this shop’s flash heats against the usual, from readings of the ink’s surface: the logarithm of the heating time has
 * a mean of the usual and a spread; each reading adds to it.
 */
final readonly class FlashLearned
{
    /** Of the heating time before anything was read, and of one reading, shares (heuristic). */
    private const PRIOR = 0.35;
    private const READING = 0.15;

    /** @param float $times the usual heating time; $reach nine times in ten, as a factor either way */
    private function __construct(public float $times, public float $reach, public int $readings)
    {
    }

    /** @param list<float> $times heating times that readings told, of the usual */
    public static function of(array $times): self
    {
        $weight = 1 / self::PRIOR ** 2;
        $sum = 0.0;
        foreach ($times as $one) {
            $sum += log($one) / self::READING ** 2;
            $weight += 1 / self::READING ** 2;
        }

        return new self(exp($sum / $weight), exp(1.645 / sqrt($weight)), \count($times));
    }
}
