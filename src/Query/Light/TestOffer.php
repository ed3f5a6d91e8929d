<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\Core\StepTest\StepPlan;

/** A step test that is worth making. */
final readonly class TestOffer
{
    /**
     * @param string $frame   one of the rack that has this mesh and is free; empty where none is
     * @param float  $nowPct  how far off the times of what waits may be now, nine times in ten
     * @param float  $thenPct the same after the test
     * @param int    $screens that wait
     */
    public function __construct(
        public int $lampId,
        public string $lamp,
        public int $emulsionId,
        public string $emulsion,
        public float $thicknessUm,
        public bool $dyed,
        public string $mesh,
        public string $frame,
        public float $nowPct,
        public float $thenPct,
        public int $screens,
        public StepPlan $plan,
        public string $says,
    ) {
    }
}
