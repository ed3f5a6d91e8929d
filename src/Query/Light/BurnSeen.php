<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

/** A burn under a lamp. */
final readonly class BurnSeen
{
    /** @param string $seen what the sink showed; empty where nobody looked */
    public function __construct(
        public string $at,
        public string $frame,
        public string $plate,
        public string $job,
        public float $seconds,
        public ?float $units,
        public float $lampHours,
        public string $seen,
    ) {
    }
}
