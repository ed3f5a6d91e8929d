<?php

declare(strict_types=1);

namespace Ektype\App\Action\Art;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Job\BegunPlan;
use Ektype\Core\Separation\MethodName;

/** By which method a job is separated from now on. What another one had is kept beside it. */
final readonly class FollowMethod implements Change
{
    public function __construct(private int $jobId, private MethodName $method)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->follow($job->planOf($this->method) ?? BegunPlan::of($this->method, $shop->screens->frames->all()));

        return \sprintf('Method of %s: %s', $job->name, $this->method->value);
    }
}
