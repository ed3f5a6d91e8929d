<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Bounded;
use Ektype\App\Request\Within;
use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\Unit\Quantity;

/** A step test that is planned. */
final readonly class PlannedTest
{
    /** @param float|null $incrementS null for such steps that the expected time lies in the middle */
    public function __construct(
        public int $lampId,
        public int $emulsionId,
        #[Within(5, 2000, 'µm')]
        public float $thicknessUm,
        public bool $dyed = false,
        #[Within(StepPlan::FEWEST, StepPlan::MOST)]
        public ?int $strips = null,
        #[Bounded(Quantity::StripSeconds)]
        public ?float $incrementS = null,
        #[Within(0, 7200, 's')]
        public float $firstS = 0.0,
    ) {
    }
}
