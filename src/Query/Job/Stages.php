<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** Where a plate stands at each stage. */
final readonly class Stages
{
    public function __construct(
        public Readiness $art,
        public Readiness $plates,
        public Readiness $films,
        public Readiness $screens,
        public Readiness $light,
        public Readiness $press,
        public Readiness $run = Readiness::Waiting,
        public Readiness $after = Readiness::Waiting,
    ) {
    }
}
