<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Door;

use Doctrine\DBAL\Connection;

/**
 * The devices that were let into a shop that is open in its network. Each carries a pass of its own, of which only a digest is
 * kept here, made with the words that let it in: other words let nobody in any more, and one device is sent away by itself.
 */
final readonly class KnownDevices
{
    /** A device that was not used for so long is asked again, s. */
    public const DISUSE_S = 90 * 86_400;
    /** So often its use is written down, s. */
    private const NOTED_S = 3_600;

    public function __construct(private Connection $connection)
    {
    }

    /** @return string the pass that it carries from now on */
    public function letIn(string $name, string $words, int $now): string
    {
        $pass = bin2hex(random_bytes(32));
        $this->connection->insert('device', ['name' => $name, 'pass' => self::digest($pass, $words), 'let_in_at' => $now, 'seen_at' => $now]);

        return $pass;
    }

    /** Whose pass this is; null where it is nobody’s, or was not used for too long. */
    public function of(string $pass, string $words, int $now): ?KnownDevice
    {
        if (preg_match('/^[0-9a-f]{64}$/', $pass) !== 1) {
            return null;
        }
        $row = $this->connection->fetchAssociative('SELECT id, name, let_in_at, seen_at FROM device WHERE pass = ? AND seen_at >= ?', [self::digest($pass, $words), $now - self::DISUSE_S]);

        return $row === false ? null : self::read($row);
    }

    /** @return bool whether it was worth writing down */
    public function use(KnownDevice $device, int $now): bool
    {
        if ($now - $device->seenAt < self::NOTED_S) {
            return false;
        }
        $this->connection->executeStatement('UPDATE device SET seen_at = ? WHERE id = ?', [$now, $device->id]);

        return true;
    }

    /** @return list<KnownDevice> the one that was used last first */
    public function all(int $now): array
    {
        $this->connection->executeStatement('DELETE FROM device WHERE seen_at < ?', [$now - self::DISUSE_S]);

        return array_map(self::read(...), $this->connection->fetchAllAssociative('SELECT id, name, let_in_at, seen_at FROM device ORDER BY seen_at DESC, id DESC'));
    }

    public function sendAway(int $id): void
    {
        $this->connection->delete('device', ['id' => $id]);
    }

    private static function digest(string $pass, string $words): string
    {
        return hash('sha256', $pass.' '.$words);
    }

    /** @param array<string, mixed> $row */
    private static function read(array $row): KnownDevice
    {
        $number = static fn (string $name): int => is_numeric($row[$name]) ? (int) $row[$name] : 0;

        return new KnownDevice($number('id'), \is_string($row['name']) ? $row['name'] : '', $number('let_in_at'), $number('seen_at'));
    }
}
