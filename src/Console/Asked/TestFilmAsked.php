<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\StepTest\StepPlan;

/** A film for step tests. */
final readonly class TestFilmAsked
{
    public function __construct(
        #[Within(300, 2540, 'dpi')]
        public float $dpi = 600.0,
        #[Within(StepPlan::FEWEST, StepPlan::MOST)]
        public int $strips = StepPlan::USUAL,
        public string $formats = 'pdf,png',
        public string $out = '',
    ) {
    }
}
