<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Separation\Findings;

/** How far plates may be off on the press, mm; null follows the register budget of the plates. */
final readonly class SetTolerance implements Change
{
    public function __construct(private int $jobId, private ?float $mm)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->toleranceSet = $this->mm !== null;
        $job->toleranceMm = $this->mm ?? $job->findings()?->toleranceMm() ?? Findings::BUTT_MM;

        return 'Tolerance of '.$job->name;
    }
}
