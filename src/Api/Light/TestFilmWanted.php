<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Within;
use Ektype\Core\StepTest\StepPlan;

/** A film for step tests. */
final readonly class TestFilmWanted
{
    public function __construct(
        #[Within(300, 2540, 'dpi')]
        public float $dpi = 600.0,
        #[Within(StepPlan::FEWEST, StepPlan::MOST)]
        public int $strips = StepPlan::USUAL,
    ) {
    }
}
