<?php

declare(strict_types=1);

namespace Ektype\App\Work;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Task\Task;
use Symfony\Component\Messenger\MessageBusInterface;

/** Hands out long work: one task of a kind at a time for a job. */
final readonly class TaskDesk
{
    public function __construct(private EntityManagerInterface $entities, private MessageBusInterface $bus)
    {
    }

    public function start(Job $job, string $kind): Task
    {
        foreach (['waiting', 'working'] as $state) {
            $running = $this->entities->getRepository(Task::class)->findOneBy(['job' => $job, 'kind' => $kind, 'state' => $state]);
            if ($running !== null) {
                return $running;
            }
        }
        $task = new Task($job, $kind);
        $this->entities->wrapInTransaction(function () use ($task): void {
            $this->entities->persist($task);
            $this->entities->flush();
            $this->bus->dispatch(new LongWork($task->idOrFail()));
        });

        return $task;
    }
}
