<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Plan\Patch;

/** How the edition is printed. */
final readonly class SetEdition implements Change
{
    public function __construct(private int $jobId, private Patch $patch)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->prints($this->patch->on($job->edition()));

        return 'Edition of '.$job->name;
    }
}
