<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;

/** What one strip shows; a size that is left out is lost, or closed. */
final readonly class StripAsked
{
    public function __construct(
        #[Within(0.01, 86_400, 's')]
        public float $seconds,
        #[Within(0.01, 5, 'mm')]
        public ?float $positiveLineMm = null,
        #[Within(0.01, 5, 'mm')]
        public ?float $reverseLineMm = null,
        #[Within(0.01, 5, 'mm')]
        public ?float $dotMm = null,
        #[Within(0.01, 5, 'mm')]
        public ?float $holeMm = null,
        public bool $slime = false,
        public bool $raggedEdge = false,
    ) {
    }
}
