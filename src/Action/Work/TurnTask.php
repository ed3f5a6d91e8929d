<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Task\TaskState;

/** A task begins, ends or fails. */
final readonly class TurnTask implements Unrecorded
{
    public function __construct(private int $taskId, private TaskState $to, private string $failure = '')
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $task = $shop->tasks->find($this->taskId);
        if ($task === null || !$task->state->isOpen()) {
            // Stopped by hand, or gone with its job, while the worker was at it.
            return '';
        }
        $task->state = $this->to;
        $task->failure = $this->failure;
        if ($this->to === TaskState::Working) {
            ++$task->attempts;
        } else {
            $task->progress = 1.0;
            $task->step = $this->to === TaskState::Done ? 'Done' : 'Stopped';
            $task->attempts = $this->to === TaskState::Failed ? 0 : $task->attempts;
        }

        return '';
    }
}
