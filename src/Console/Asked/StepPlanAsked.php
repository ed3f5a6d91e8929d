<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\Unit\Quantity;

/** A step test to plan: around an expected time, or in given steps. */
final readonly class StepPlanAsked
{
    public function __construct(
        #[Within(0.5, 7200, 's')]
        public ?float $expectedS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $lowS = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $highS = null,
        #[Within(StepPlan::FEWEST, StepPlan::MOST)]
        public ?int $strips = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $incrementS = null,
        #[Within(0, 7200, 's')]
        public float $firstS = 0.0,
        #[Within(0, 120, 's')]
        public float $startLossS = 0.0,
    ) {
    }

    /** @throws UnusableTest */
    public function plan(): StepPlan
    {
        if ($this->incrementS !== null) {
            return StepPlan::equal($this->incrementS, $this->strips ?? StepPlan::USUAL, $this->firstS, $this->startLossS);
        }
        if ($this->expectedS === null) {
            throw UnusableTest::at('expected', 'There is nothing to plan around. Give the expected time, or the length of a step.');
        }
        if ($this->lowS !== null && $this->highS !== null && $this->lowS > $this->highS) {
            throw UnusableTest::at('low', 'The shortest time that may be lies above the longest. Swap them.');
        }

        return StepPlan::around($this->expectedS, $this->lowS ?? $this->expectedS / 1.5, $this->highS ?? 1.5 * $this->expectedS, $this->startLossS, $this->strips);
    }
}
