<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Press\SetUp;

/** A thing of the press’s set-up is done, or not yet. */
final readonly class TickSetUp implements Change
{
    public function __construct(private int $jobId, private SetUp $done, private bool $on)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->onPress->tick($this->done, $this->on);

        return 'Set-up of the press for '.$job->name;
    }
}
