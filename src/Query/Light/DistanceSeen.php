<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** A point lamp at a distance. */
final readonly class DistanceSeen
{
    /**
     * @param float $cornerPct light at the print’s corners, of the middle’s
     * @param float $sidePct   in the middle of its left and right sides
     * @param float $endPct    in the middle of its top and bottom
     */
    public function __construct(
        public float $mm,
        public float $cornerPct,
        public float $sidePct,
        public float $endPct,
        public float $seconds,
        public float $penumbraMm,
        public bool $chosen,
        public bool $now,
        public string $says,
    ) {
    }
}
