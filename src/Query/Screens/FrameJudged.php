<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** How it suits the plate. */
final readonly class FrameJudged
{
    /**
     * @param bool  $advised whether the best set of the job has it for the plate
     * @param float $cost    in doublings of the mesh count; the smaller, the better
     */
    public function __construct(
        public bool $fits,
        public bool $holds,
        public bool $advised,
        public string $why,
        public float $cost,
    ) {
    }
}
