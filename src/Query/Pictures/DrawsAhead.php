<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Doctrine\DBAL\Connection;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\NotHere;
use Ektype\Core\Unit\Refusal;
use Symfony\Component\EventDispatcher\Attribute\AsEventListener;
use Symfony\Component\Messenger\Event\WorkerRunningEvent;

/** Draws the pull of a job when its plates are there, by an idle worker, and not when somebody looks at it. */
final class DrawsAhead
{
    /** How often an idle worker looks, s. */
    private const EVERY_S = 1.0;
    /** So many of the latest separations are looked at. */
    private const LATEST = 8;

    private float $looked = 0.0;
    private string $drawn = '';

    public function __construct(private readonly Moment $moment, private readonly Connection $connection, private readonly Pull $pull)
    {
    }

    #[AsEventListener]
    public function onIdle(WorkerRunningEvent $event): void
    {
        if ($event->isWorkerIdle() && microtime(true) - $this->looked >= self::EVERY_S) {
            $this->looked = microtime(true);
            $this->draw();
        }
    }

    private function draw(): void
    {
        $jobs = $this->connection->fetchFirstColumn(\sprintf("SELECT t.job_id FROM task t WHERE t.kind = 'separate' AND t.state = 'done' ORDER BY t.id DESC LIMIT %d", self::LATEST));
        $standing = serialize($this->connection->fetchAllNumeric('SELECT id, separation_path FROM job WHERE id IN ('.implode(',', array_map(static fn (mixed $id): int => is_numeric($id) ? (int) $id : 0, [0, ...$jobs])).')'));
        if ($standing === $this->drawn) {
            return;
        }
        foreach (array_unique($jobs, \SORT_REGULAR) as $id) {
            try {
                $job = $this->moment->see(static fn (Snapshot $shop): Job => $shop->shelves->jobs->whole(is_numeric($id) ? (int) $id : 0));
                // The whole print first: it is what the shelf of jobs shows.
                for ($stop = \count($job->platesInOrder()); $stop > 0; --$stop) {
                    $this->pull->after($job, $stop);
                }
            } catch (NotHere|Refusal) {
                // Thrown away, or damaged: its page says so.
            }
        }
        $this->drawn = $standing;
    }
}
