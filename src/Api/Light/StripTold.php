<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Within;
use Ektype\Core\StepTest\StripSeen;

/** What one strip shows, sizes in mm; null where none of that kind is left. */
final readonly class StripTold
{
    public function __construct(
        #[Within(0.1, 7200, 's')]
        public float $seconds,
        #[Within(0.01, 5, 'mm')]
        public ?float $positiveLine = null,
        #[Within(0.01, 5, 'mm')]
        public ?float $reverseLine = null,
        #[Within(0.01, 5, 'mm')]
        public ?float $dot = null,
        #[Within(0.01, 5, 'mm')]
        public ?float $hole = null,
        public bool $slime = false,
        public bool $raggedEdge = false,
    ) {
    }

    public function seen(): StripSeen
    {
        return new StripSeen($this->seconds, $this->positiveLine, $this->reverseLine, $this->dot, $this->hole, $this->slime, raggedEdge: $this->raggedEdge);
    }
}
