<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\App\Shop\Task\TaskState;

/** A piece of long work as the page follows it. */
final readonly class JobTask
{
    private function __construct(
        public int $id,
        public TaskKind $kind,
        public TaskState $state,
        public float $progress,
        public string $step,
        public string $failure,
    ) {
    }

    public static function of(Task $task): self
    {
        return new self($task->idOrFail(), $task->kind, $task->state, $task->progress, $task->step, $task->failure);
    }
}
