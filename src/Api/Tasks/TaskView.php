<?php

declare(strict_types=1);

namespace Ektype\App\Api\Tasks;

use Ektype\App\Shop\Task\Task;
use OpenApi\Attributes as OA;

/** A piece of long work as the page follows it. */
#[OA\Schema]
final readonly class TaskView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property(enum: ['separate', 'films'])]
        public string $kind,
        #[OA\Property(enum: ['waiting', 'working', 'done', 'failed'])]
        public string $state,
        #[OA\Property]
        public float $progress,
        #[OA\Property]
        public string $step,
        #[OA\Property]
        public string $failure,
    ) {
    }

    public static function of(Task $task): self
    {
        return new self($task->idOrFail(), $task->kind, $task->state, $task->progress, $task->step, $task->failure);
    }
}
