<?php

declare(strict_types=1);

namespace Ektype\App\Query\Days;

/** A job on its press, in minutes from the midnight before the plan begins. */
final readonly class JobInDays
{
    /**
     * @param float|null $beginMin  the latest it goes on the press and is still in time; null where it is not due
     * @param float|null $screenMin the same of its first screen; null where all are made
     * @param bool       $canBe     whether it can still be in time
     * @param float      $movedMin  later than in the plan without what was asked; below zero sooner
     */
    public function __construct(
        public int $id,
        public string $name,
        public string $hex,
        public int $press,
        public float $readyMin,
        public float $startMin,
        public float $endMin,
        public ?float $dueMin,
        public float $lateMin,
        public ?float $beginMin,
        public ?float $screenMin,
        public bool $canBe,
        public float $movedMin,
    ) {
    }
}
