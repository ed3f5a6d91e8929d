<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Advice\Care;

/** How much care a job is worth: by it a way to print is advised. */
final readonly class GiveCare implements Change
{
    public function __construct(private int $jobId, private Care $care)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->care = $this->care;

        return 'Care of '.$job->name;
    }
}
