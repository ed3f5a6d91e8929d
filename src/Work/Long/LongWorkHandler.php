<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

use Doctrine\DBAL\Connection;
use Ektype\App\Action\Hand;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\LongWork;
use Ektype\App\Action\Work\TurnTask;
use Ektype\App\Shop\Folder\DiskRoom;
use Ektype\App\Shop\Task\TaskKind;
use Ektype\App\Shop\Task\Tasks;
use Ektype\App\Shop\Task\TaskState;
use Ektype\App\Shop\Trouble;
use Ektype\App\Work\Films\SeparateJob;
use Ektype\App\Work\Films\WriteFilms;
use Ektype\Core\Raster\PieceBrokeOff;
use Ektype\Core\Unit\Refusal;
use Psr\Log\LoggerInterface;
use Symfony\Component\Messenger\Attribute\AsMessageHandler;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Process\Exception\ProcessSignaledException;

/** Does a task and keeps its progress. A task that fails says why and can be run again. */
#[AsMessageHandler]
final readonly class LongWorkHandler
{
    /** A task that took the worker down so often is not taken up a further time. */
    private const MOST_ATTEMPTS = 4;
    /** Work on a job that another worker is at is tried again after so long, ms. */
    private const LATER_MS = 1000;

    public function __construct(
        private Connection $connection,
        private Tasks $tasks,
        private ShopDoor $door,
        private Hand $hand,
        private SeparateJob $separate,
        private WriteFilms $films,
        private OneAtATime $one,
        private MessageBusInterface $bus,
        private LoggerInterface $log,
        private DiskRoom $room,
    ) {
    }

    public function __invoke(LongWork $work): void
    {
        $this->door->do();
        $task = $this->tasks->find($work->taskId);
        if ($task === null || !$task->state->isOpen()) {
            return;
        }
        $first = $this->tasks->firstOpenOf($task->job);
        $free = ($first === null || $first->id === $work->taskId)
            && $this->one->at('job-'.$task->job->idOrFail(), fn () => $this->carryOut($work->taskId));
        if (!$free) {
            // Another worker is at the job, or is about to be: what was asked later comes later.
            $this->bus->dispatch($work, [new DelayStamp(self::LATER_MS)]);
        }
    }

    private function carryOut(int $taskId): void
    {
        // Read anew: another worker may have ended it just before.
        $this->door->do();
        $task = $this->tasks->find($taskId);
        if ($task === null || !$task->state->isOpen()) {
            return;
        }
        if ($task->attempts >= self::MOST_ATTEMPTS) {
            $this->door->do(new TurnTask($taskId, TaskState::Failed, 'The worker stopped in the middle of this several times. Bring the art smaller, or look whether the machine runs out of memory, and run it again.'));

            return;
        }
        $this->hand->page = $task->page;
        $this->door->do(new TurnTask($taskId, TaskState::Working));
        $task = $this->tasks->get($taskId);
        try {
            $progress = new TaskProgress($this->connection, $taskId);
            match ($task->kind) {
                TaskKind::Separate => $this->separate->run($task->job, $taskId, $progress),
                TaskKind::Films => $this->films->run($task->job, $taskId, $progress),
            };
            $this->door->do(new TurnTask($taskId, TaskState::Done));
        } catch (StoppedByHand) {
            // The task says so itself.
        } catch (Refusal $refusal) {
            $this->door->do(new TurnTask($taskId, TaskState::Failed, $refusal->getMessage()));
        } catch (PieceBrokeOff|ProcessSignaledException $broken) {
            // Somebody ended a process that drew for this one, and may be about to end this one: it is begun again.
            $this->log->warning('A task was broken off from outside.', ['task' => $taskId, 'exception' => $broken]);
            $this->bus->dispatch(new LongWork($taskId), [new DelayStamp(self::LATER_MS)]);
        } catch (\Throwable $fault) {
            if (Trouble::of($fault) === Trouble::Busy) {
                // It stays under way, and is taken up again once its message is missed.
                throw $fault;
            }
            if (Trouble::of($fault) === Trouble::DiskFull || $this->room->isFull()) {
                $this->door->do(new TurnTask($taskId, TaskState::Failed, \sprintf('The disk is full: %s. Make room there, then run it again.', $this->room->says())));

                return;
            }
            $this->log->error('A task broke off.', ['task' => $taskId, 'exception' => $fault]);
            $this->door->do(
                new TurnTask(
                    $taskId,
                    TaskState::Failed,
                    'The work broke off by a fault of the program, not of the art. Run it again; the log of the shop tells more.',
                ),
            );
        }
    }
}
