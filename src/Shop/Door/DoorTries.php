<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Door;

use Doctrine\DBAL\Connection;

/** Wrong words at the door, counted by address and for all: the pass-phrase is not found by trying, from one place or from many. */
final readonly class DoorTries
{
    /** Wrong words count for so long, s. */
    public const COUNT_S = 600;
    public const MOST_BY_ADDRESS = 8;
    public const MOST_BY_ALL = 60;

    public function __construct(private Connection $connection)
    {
    }

    /**
     * Counts a try before it is looked at: two at once are two.
     *
     * @return int seconds to wait; 0 where it may be looked at
     */
    public function begin(string $address, int $now): int
    {
        $this->connection->executeStatement('DELETE FROM door_try WHERE tried_at <= ?', [$now - self::COUNT_S]);
        $wait = max(
            $this->wait('SELECT tried_at FROM door_try WHERE address = ? ORDER BY id DESC LIMIT 1 OFFSET '.(self::MOST_BY_ADDRESS - 1), [$address], $now),
            $this->wait('SELECT tried_at FROM door_try ORDER BY id DESC LIMIT 1 OFFSET '.(self::MOST_BY_ALL - 1), [], $now),
        );
        if ($wait === 0) {
            $this->connection->insert('door_try', ['address' => $address, 'tried_at' => $now]);
        }

        return $wait;
    }

    /** The words were right: what was tried from there was a slip. */
    public function forget(string $address): void
    {
        $this->connection->delete('door_try', ['address' => $address]);
    }

    /** @param list<string> $with */
    private function wait(string $sql, array $with, int $now): int
    {
        $at = $this->connection->fetchOne($sql, $with);

        return is_numeric($at) ? max(1, (int) $at + self::COUNT_S - $now) : 0;
    }
}
