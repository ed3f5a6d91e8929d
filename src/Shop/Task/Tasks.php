<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Task;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Shelf;

/**
 * The long work that was asked for.
 *
 * @extends Shelf<Task>
 */
final readonly class Tasks extends Shelf
{
    protected static function kind(): string
    {
        return Task::class;
    }

    public function latestOf(Job $job): ?Task
    {
        return $this->shelf()->findOneBy(['job' => $job], ['id' => 'DESC']);
    }

    /** Changes whenever the latest task of a job gets on; read without the task. */
    public function standingOf(int $jobId): string
    {
        $latest = $this->entities->getConnection()->fetchNumeric(
            'SELECT id, state, progress, step FROM task WHERE job_id = ? ORDER BY id DESC LIMIT 1',
            [$jobId],
        );

        return serialize($latest);
    }

    public function openOf(Job $job, TaskKind $kind): ?Task
    {
        return $this->shelf()->findOneBy(['job' => $job, 'kind' => $kind, 'state' => [TaskState::Waiting, TaskState::Working]]);
    }

    /** @return list<int> all that is asked for and not done, as it was asked */
    public function openIds(): array
    {
        return array_map(static fn (Task $t): int => $t->idOrFail(), $this->shelf()->findBy(['state' => [TaskState::Waiting, TaskState::Working]], ['id' => 'ASC']));
    }

    /** @return array<int, string> job => what is being done for it */
    public function stepsByJob(): array
    {
        $steps = [];
        foreach ($this->entities->getConnection()->fetchAllKeyValue("SELECT job_id, state FROM task WHERE state IN ('waiting', 'working') ORDER BY id DESC") as $job => $state) {
            $steps[(int) $job] = \is_string($state) ? $state : '';
        }

        return $steps;
    }

    /** What was asked first of a job and is not done. */
    public function firstOpenOf(Job $job): ?Task
    {
        return $this->shelf()->findOneBy(['job' => $job, 'state' => [TaskState::Waiting, TaskState::Working]], ['id' => 'ASC']);
    }
}
