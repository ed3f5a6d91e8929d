<?php

declare(strict_types=1);

namespace Ektype\App\Shop;

use Doctrine\DBAL\Driver;
use Doctrine\DBAL\Driver\Connection;
use Doctrine\DBAL\Driver\Middleware;
use Doctrine\DBAL\Driver\Middleware\AbstractDriverMiddleware;

/**
 * Sets up every connection to the shop's database so that page and worker can use it side by side. A database that is not
 * there is not made on the way: only the opening of a shop lays one.
 */
final class SqliteSettings implements Middleware
{
    public function wrap(Driver $driver): Driver
    {
        return new class($driver) extends AbstractDriverMiddleware {
            public function connect(#[\SensitiveParameter] array $params): Connection
            {
                $connection = parent::connect(['driverOptions' => [\PDO::SQLITE_ATTR_OPEN_FLAGS => \PDO::SQLITE_OPEN_READWRITE]] + $params);
                $connection->exec('PRAGMA busy_timeout = 5000');
                $connection->exec('PRAGMA journal_mode = WAL');
                $connection->exec('PRAGMA synchronous = NORMAL');
                $connection->exec('PRAGMA foreign_keys = ON');

                return $connection;
            }
        };
    }
}
