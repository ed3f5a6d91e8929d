<?php

declare(strict_types=1);

namespace Ektype\Core\Exposure;

/** Seconds of light with their 90 % interval, the tests that they rest on, and how they came about. */
final readonly class PredictedTime
{
    /**
     * @param list<int>      $restsOn indices of the tests
     * @param list<TimePart> $parts   each term as a factor on the time
     */
    public function __construct(
        public float $seconds,
        public float $lowS,
        public float $highS,
        public array $restsOn,
        public array $parts,
    ) {
    }
}
