<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

use Doctrine\DBAL\Connection;
use Ektype\App\Action\Work\LongWork;
use Ektype\App\Work\Queue\ShopQueueFactory;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;
use Symfony\Component\Messenger\MessageBusInterface;
use Symfony\Component\Messenger\Transport\Serialization\PhpSerializer;

/**
 * Takes up tasks whose message is lost: the database was held when it was to be sent, or a worker gave it back in the wrong
 * moment. Without it such a task would wait for ever and block its job.
 */
final class LostWork
{
    /** How often an idle worker looks, s. */
    private const EVERY_S = 2.0;

    private float $looked = 0.0;

    public function __construct(private readonly Connection $connection, private readonly MessageBusInterface $bus)
    {
    }

    #[AsEventListener]
    public function onIdle(WorkerRunningEvent $event): void
    {
        if ($event->isWorkerIdle() && microtime(true) - $this->looked >= self::EVERY_S) {
            $this->looked = microtime(true);
            $this->takeUp();
        }
    }

    /** @return list<int> the tasks that were taken up */
    public function takeUp(): array
    {
        $lost = [];
        $this->connection->beginTransaction();
        try {
            // A write first: nobody sends or takes a message between the two looks.
            $this->connection->executeStatement('UPDATE write_lock SET turn = turn');
            $known = $this->inQueue();
            foreach ($this->connection->fetchFirstColumn("SELECT id FROM task WHERE state IN ('waiting', 'working') ORDER BY id") as $id) {
                if (is_numeric($id) && !\in_array((int) $id, $known, true)) {
                    $this->bus->dispatch(new LongWork((int) $id));
                    $lost[] = (int) $id;
                }
            }
            $this->connection->commit();
        } catch (\Throwable $fault) {
            $this->connection->rollBack();
            throw $fault;
        }

        return $lost;
    }

    /** @return list<int> tasks that a message stands for */
    private function inQueue(): array
    {
        $queue = (new ShopQueueFactory($this->connection))->createTransport('shopdb://default', [], new PhpSerializer());
        $tasks = [];
        foreach ($queue->all() as $envelope) {
            $message = $envelope->getMessage();
            if ($message instanceof LongWork) {
                $tasks[] = $message->taskId;
            }
        }

        return $tasks;
    }
}
