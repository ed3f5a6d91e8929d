<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Task\TaskState;

/** Does again what has failed. */
final readonly class RunAgain implements Unrecorded
{
    public function __construct(private int $taskId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $task = $shop->tasks->get($this->taskId);
        if ($task->state !== TaskState::Failed) {
            throw Refused::because('This work has not failed, so there is nothing to run again.');
        }

        return (new AskForWork($task->job->idOrFail(), $task->kind))->carryOut($shop);
    }
}
