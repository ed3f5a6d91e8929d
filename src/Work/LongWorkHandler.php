<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Task\Task;
use Ektype\Core\Unit\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;

/** Does a task and keeps its progress. A task that fails says why and can be run again. */
#[AsMessageHandler]
final readonly class LongWorkHandler
{
    /** A task that took the worker down so often is not taken up a further time. */
    private const MOST_ATTEMPTS = 4;

    public function __construct(
        private EntityManagerInterface $entities,
        private SeparateJob $separate,
        private WriteFilms $films,
        private LoggerInterface $log,
    ) {
    }

    public function __invoke(LongWork $work): void
    {
        $this->entities->clear();
        $task = $this->entities->find(Task::class, $work->taskId);
        if ($task === null || $task->state === 'done') {
            return;
        }
        if (++$task->attempts > self::MOST_ATTEMPTS) {
            $this->end($task, 'failed', 'The worker stopped in the middle of this several times. Bring the art smaller, or look whether the machine runs out of memory, and run it again.');

            return;
        }
        $task->state = 'working';
        $task->failure = '';
        $this->entities->flush();
        $progress = new TaskProgress($this->entities->getConnection(), $task->idOrFail());
        try {
            match ($task->kind) {
                'separate' => $this->separate->run($task->job, $task->idOrFail(), $progress),
                'films' => $this->films->run($task->job, $task->idOrFail(), $progress),
                default => throw new \LogicException('There is no such kind of task.'),
            };
            $this->end($task, 'done', '');
        } catch (Refusal $refusal) {
            $this->end($task, 'failed', $refusal->getMessage());
        } catch (\Throwable $fault) {
            $this->log->error('A task broke off.', ['task' => $work->taskId, 'exception' => $fault]);
            $this->end($task, 'failed', 'The work broke off by a fault of the program, not of the art. Run it again; the log of the shop tells more.');
        }
    }

    private function end(Task $task, string $state, string $failure): void
    {
        $task->state = $state;
        $task->failure = $failure;
        $task->progress = 1.0;
        $task->step = $state === 'done' ? 'Done' : 'Stopped';
        if ($state === 'failed') {
            $task->attempts = 0;
        }
        $this->entities->flush();
    }
}
