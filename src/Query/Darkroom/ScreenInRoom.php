<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

/** A screen of the plan with its steps. */
final readonly class ScreenInRoom
{
    /**
     * @param string           $frame     label of its frame; empty where none is chosen
     * @param string           $rackPlace where its frame stands
     * @param list<string>     $first     what must be done to its frame before it is coated
     * @param string           $coat      how it is coated; empty where it is
     * @param list<StepInRoom> $steps
     */
    public function __construct(
        public int $plateId,
        public int $jobId,
        public string $job,
        public string $plate,
        public string $hex,
        public ?int $frameId,
        public string $frame,
        public string $rackPlace,
        public array $first,
        public string $coat,
        public string $emulsion,
        public float $emulsionMl,
        public string $lamp,
        public Lateness $late,
        public array $steps,
    ) {
    }
}
