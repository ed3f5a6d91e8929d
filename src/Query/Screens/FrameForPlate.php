<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

use Ektype\Core\Screen\FrameState;

/** A frame of the rack as a choice for a plate. */
final readonly class FrameForPlate
{
    /**
     * @param bool         $advised   whether the best set of the job has it for the plate
     * @param list<string> $first     what must be done to it before it can be burned
     * @param list<string> $obstacles why it cannot be taken; empty where it can
     * @param float        $cost      in doublings of the mesh count; the smaller, the better
     */
    public function __construct(
        public int $id,
        public string $label,
        public string $mesh,
        public float $threadsPerCm,
        public float $tensionNPerCm,
        public FrameState $state,
        public bool $fits,
        public bool $holds,
        public bool $advised,
        public string $why,
        public string $takenBy,
        public array $first,
        public array $obstacles,
        public float $cost,
    ) {
    }
}
