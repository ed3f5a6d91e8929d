<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** Puts a job away as done, or takes it up again. Its frames go back to the rack, to be reclaimed. */
final readonly class FinishJob implements Change
{
    public function __construct(private int $jobId, private bool $finished)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->finishedOn = $this->finished ? $shop->now()->format('Y-m-d') : null;
        foreach ($this->finished ? $job->platesInOrder() : [] as $plate) {
            GivenBack::by($plate, $shop);
        }

        return $this->finished ? $job->name.' is done' : $job->name.' is taken up again';
    }
}
