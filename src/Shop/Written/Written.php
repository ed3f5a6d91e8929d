<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Written;

use Doctrine\DBAL\Connection;

/**
 * What the shop has written among its files, by the paths of folders and pictures: only what stands here is ever cleared
 * away. A path is written down before the first byte is.
 */
final readonly class Written
{
    public function __construct(private Connection $connection)
    {
    }

    public function down(string ...$paths): void
    {
        foreach ($paths as $path) {
            $this->connection->executeStatement('INSERT OR IGNORE INTO written (path) VALUES (?)', [$path]);
        }
    }

    /** @return list<string> */
    public function all(): array
    {
        return array_values(array_filter($this->connection->fetchFirstColumn('SELECT path FROM written ORDER BY path'), \is_string(...)));
    }

    public function forget(string $path): void
    {
        $this->connection->executeStatement('DELETE FROM written WHERE path = ?', [$path]);
    }
}
