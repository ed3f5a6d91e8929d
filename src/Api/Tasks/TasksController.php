<?php

declare(strict_types=1);

namespace Ektype\App\Api\Tasks;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Work\RunAgain;
use Ektype\App\Action\Work\StopTask;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Query\Job\JobTask;
use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\Task\Tasks;
use Symfony\Component\Routing\Attribute\Route;

/** Work that runs on its own. */
final readonly class TasksController
{
    public function __construct(private ShopDoor $door, private Tasks $tasks)
    {
    }

    #[Route('/api/tasks/{id<[0-9]{1,9}>}', methods: ['GET'])]
    public function show(int $id): JobTask
    {
        return JobTask::of($this->tasks->get($id));
    }

    /** Stops work that waits or is under way. */
    #[Route('/api/tasks/{id<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function stop(int $id): JobTask
    {
        $this->door->do(new StopTask($id));

        return JobTask::of($this->tasks->get($id));
    }

    #[Route('/api/tasks/{id<[0-9]{1,9}>}/again', methods: ['POST']), Status(202)]
    public function again(int $id): JobTask
    {
        $this->door->do(new RunAgain($id));
        $latest = $this->tasks->latestOf($this->tasks->get($id)->job);

        return JobTask::of($latest ?? throw new NotHere());
    }
}
