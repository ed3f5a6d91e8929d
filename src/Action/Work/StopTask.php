<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Task\TaskState;

/** Stops work that waits or is under way; its worker sees it within a moment and leaves everything as it was. */
final readonly class StopTask implements Unrecorded
{
    public function __construct(private int $taskId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $task = $shop->tasks->get($this->taskId);
        if (!$task->state->isOpen()) {
            throw Refused::because('This work has ended already, so there is nothing to stop.');
        }
        $task->state = TaskState::Failed;
        $task->failure = 'Stopped by hand. What there was before stays; run it again when you like.';
        $task->step = 'Stopped';
        $task->progress = 1.0;
        $task->attempts = 0;

        return '';
    }
}
