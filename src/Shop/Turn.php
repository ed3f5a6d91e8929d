<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Doctrine\DBAL\Connection;

/** How often the shop was changed: the same turn, the same shop. */
final readonly class Turn
{
    public function __construct(private Connection $connection)
    {
    }

    public function now(): int
    {
        $turn = $this->connection->fetchOne('SELECT turn FROM write_lock');

        return is_numeric($turn) ? (int) $turn : 0;
    }
}
