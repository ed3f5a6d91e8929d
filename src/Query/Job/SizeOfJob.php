<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** How large it is, where it stands, and how near its plates must lie. */
final readonly class SizeOfJob
{
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $acrossMm,
        public float $dropMm,
        public string $place,
        public float $toleranceMm,
    ) {
    }
}
