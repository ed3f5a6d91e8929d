<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Doctrine\DBAL\Connection;

/** Rows as the database holds them, all their columns: undo knows no names of fields. */
final readonly class RowStore
{
    public function __construct(private Connection $connection)
    {
    }

    /** @return array<string, scalar|null>|null */
    public function read(string $table, int $id): ?array
    {
        $row = $this->connection->fetchAssociative(
            \sprintf('SELECT * FROM %s WHERE id = ?', $this->connection->quoteSingleIdentifier($table)),
            [$id],
        );

        return $row === false ? null : self::plain($row);
    }

    /** @return list<int> rows that point at another */
    public function pointingAt(string $table, string $column, int $id): array
    {
        $ids = $this->connection->fetchFirstColumn(
            \sprintf(
                'SELECT id FROM %s WHERE %s = ?',
                $this->connection->quoteSingleIdentifier($table),
                $this->connection->quoteSingleIdentifier($column),
            ),
            [$id],
        );

        return array_map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0, $ids);
    }

    /**
     * Brings rows from how they stand after a change to how they stood before it, its own columns only.
     *
     * @param list<TouchedRow> $rows
     */
    public function takeBack(array $rows): void
    {
        // Rows point at each other: what is missing on the way is there in the end.
        $this->connection->executeStatement('PRAGMA defer_foreign_keys = ON');
        foreach ($rows as $row) {
            if ($row->before === null) {
                $this->connection->delete($row->table, ['id' => $row->id]);
            } elseif ($row->after === null) {
                $this->connection->insert($row->table, $row->before);
            } else {
                $this->connection->update($row->table, array_intersect_key($row->before, array_flip($row->changed())), ['id' => $row->id]);
            }
        }
    }

    /** Whether a row still stands as a change left it, in the columns that it changed. */
    public function standsAsLeft(TouchedRow $row): bool
    {
        $now = $this->read($row->table, $row->id);
        if ($now === null || $row->after === null) {
            return $now === $row->after;
        }
        foreach ($row->changed() as $column) {
            if (($now[$column] ?? null) !== ($row->after[$column] ?? null)) {
                return false;
            }
        }

        return true;
    }

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, scalar|null>
     */
    private static function plain(array $row): array
    {
        return array_map(static fn (mixed $value): string|int|float|bool|null => \is_scalar($value) || $value === null ? $value : throw new \UnexpectedValueException('A row holds what is no plain value.'), $row);
    }
}
