<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\Core\StepTest\StepPlan;

/** A step test before it is run: what is expected, and its strips. */
final readonly class StepBench
{
    /**
     * @param float       $expectedS for one burn
     * @param float       $lowS      of it, nine times in ten
     * @param list<float> $linesMm   of the test film, finest first
     * @param list<float> $dotsMm    the same
     * @param string      $scanner   what scans where nobody’s scanner does
     */
    public function __construct(
        public string $lamp,
        public string $emulsion,
        public float $expectedS,
        public float $lowS,
        public float $highS,
        public string $says,
        public StepPlan $plan,
        public array $linesMm,
        public array $dotsMm,
        public string $scanner,
    ) {
    }
}
