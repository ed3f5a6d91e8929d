<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

use Doctrine\DBAL\Connection;

/** Writes how far a task has come, a few times a second at the most. */
final class TaskProgress
{
    private const EVERY_S = 0.25;

    private float $last = 0.0;
    private string $lastStep = '';

    public function __construct(private readonly Connection $connection, private readonly int $taskId)
    {
    }

    /** @throws StoppedByHand where the task was stopped meanwhile, or its job is gone */
    public function tell(string $step, float $share): void
    {
        $now = microtime(true);
        if ($step === $this->lastStep && $now - $this->last < self::EVERY_S) {
            return;
        }
        $this->last = $now;
        $this->lastStep = $step;
        $told = $this->connection->executeStatement(
            "UPDATE task SET step = ?, progress = ? WHERE id = ? AND state IN ('waiting', 'working')",
            [$step, round($share, 3), $this->taskId],
        );
        if ($told === 0) {
            throw new StoppedByHand();
        }
    }
}
