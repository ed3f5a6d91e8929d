<?php

declare(strict_types=1);

namespace Ektype\Core\Darkroom;

/** A screen that must be made: how long each step takes, from when it can begin and when it is due, all in minutes from the start of the plan. */
final readonly class ScreenWork
{
    /**
     * @param string $lamp     the lamp that burns it
     * @param float  $dryMin   after coating
     * @param float  $redryMin after washing out
     */
    public function __construct(
        public string $name,
        public string $job,
        public string $lamp,
        public float $coatMin,
        public float $dryMin,
        public float $exposeMin,
        public float $washMin,
        public float $redryMin,
        public float $tapeMin,
        public float $dueMin,
        public float $readyMin = 0.0,
    ) {
    }
}
