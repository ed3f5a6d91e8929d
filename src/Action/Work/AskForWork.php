<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Task\TaskKind;

/** Asks for long work on a job: one task of a kind at a time, however often it is asked. */
final readonly class AskForWork implements Unrecorded
{
    /** @param int|null $jobId null for the job that is new in this change */
    public function __construct(private ?int $jobId, private TaskKind $kind)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $this->jobId === null ? $shop->jobs->newest() : $shop->jobs->get($this->jobId);
        if ($this->kind === TaskKind::Films && $job->separationPath === null) {
            throw Refused::because('The art is not separated yet, so there is nothing to put on film. Separate it first.');
        }
        if ($shop->tasks->openOf($job, $this->kind) === null) {
            $task = new Task($job, $this->kind, $shop->now());
            $task->page = $shop->hand->page;
            $shop->tasks->add($task);
        }

        return '';
    }
}
