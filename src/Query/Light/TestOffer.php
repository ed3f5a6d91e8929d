<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\Unit\Beside;

/** A step test that is worth making. */
final readonly class TestOffer implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param float $nowPct  how far off the times of what waits may be now, nine times in ten
     * @param float $thenPct the same after the test
     * @param int   $screens that wait
     */
    public function __construct(
        #[Beside]
        public TestedSetting $of,
        public float $nowPct,
        public float $thenPct,
        public int $screens,
        public StepPlan $plan,
        public string $says,
    ) {
    }
}
