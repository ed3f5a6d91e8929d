<?php

declare(strict_types=1);

namespace Ektype\App\Api\Light;

use Ektype\App\Request\Within;
use Ektype\Core\StepTest\StepPlan;
use Symfony\Component\Validator\Constraints as Assert;

/** A step test that the stand-in washes and scans. */
final readonly class PracticeTest
{
    /** @param list<float> $seconds of each strip from the top */
    public function __construct(
        public int $lampId,
        public int $emulsionId,
        #[Within(5, 2000, 'µm')]
        public float $thicknessUm,
        #[Assert\All([new Within(0.1, 7200, 's')]), Assert\Count(min: StepPlan::FEWEST, max: StepPlan::MOST, minMessage: 'names too few strips. A test has four at least.', maxMessage: 'names more strips than fit under one film.')]
        public array $seconds,
        public bool $dyed = false,
    ) {
    }
}
