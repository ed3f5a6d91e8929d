<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;

/** The bench of the run. */
final readonly class SeeRun
{
    public function __construct(private Moment $moment)
    {
    }

    public function of(int $jobId): RunBench
    {
        return $this->moment->see(
            static fn (Snapshot $shop): RunBench => new RunBench($shop->shelves->jobs->get($jobId)->findings()->witnesses ?? []),
        );
    }
}
