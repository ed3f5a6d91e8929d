<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Task\TaskKind;

/** Takes a job off the shelf. Its frames go back to the rack; what its screens have taught stays. */
final readonly class DeleteJob implements Change
{
    public function __construct(private int $jobId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        foreach (TaskKind::cases() as $kind) {
            if ($shop->tasks->openOf($job, $kind) !== null) {
                throw Refused::because(\sprintf('%s is being worked on. Wait until that is done, or stop it, then take it off.', $job->name));
            }
        }
        foreach ($job->platesInOrder() as $plate) {
            GivenBack::forGood($plate, $shop);
        }
        $shop->jobs->remove($job);

        return $job->name.' taken off the shelf';
    }
}
