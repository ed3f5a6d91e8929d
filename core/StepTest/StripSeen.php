<?php

declare(strict_types=1);

namespace Ektype\Core\StepTest;

/** What a strip shows through a loupe, dry. Sizes are in mm; null where none of that kind is left. */
final readonly class StripSeen
{
    /**
     * @param float      $seconds      that it was given
     * @param float|null $positiveLine finest line of stencil that is kept; lost when under
     * @param float|null $reverseLine  finest line that is open; closed when over
     * @param float|null $dot          smallest island of stencil that is kept
     * @param float|null $hole         smallest hole that is open
     * @param bool       $slime        a slimy back, or stencil that runs off
     * @param bool       $raggedEdge   edges eaten or soft
     */
    public function __construct(
        public float $seconds,
        public ?float $positiveLine,
        public ?float $reverseLine,
        public ?float $dot = null,
        public ?float $hole = null,
        public bool $slime = false,
        public bool $raggedEdge = false,
    ) {
    }
}
