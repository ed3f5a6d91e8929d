<?php

declare(strict_types=1);

namespace Ektype\App\Work\Queue;

use Doctrine\DBAL\Connection;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\Stamp\DelayStamp;
use Symfony\Component\Messenger\Stamp\TransportMessageIdStamp;
use Symfony\Component\Messenger\Transport\Serialization\SerializerInterface;
use Symfony\Component\Messenger\Transport\TransportInterface;

/**
 * A queue in the shop's own database. A worker marks the message that it takes with its host and process; when that
 * process is gone before it has finished, the next worker takes the message up again.
 */
final readonly class ShopQueue implements TransportInterface
{
    /** A worker on another machine that shows no sign for so long counts as gone, s. */
    private const SILENT_S = 120;

    public function __construct(private Connection $connection, private SerializerInterface $serializer, private string $queue)
    {
    }

    public function send(Envelope $envelope): Envelope
    {
        $this->connection->insert('work_queue', [
            'queue' => $this->queue,
            'body' => json_encode($this->serializer->encode($envelope), \JSON_THROW_ON_ERROR | \JSON_INVALID_UTF8_SUBSTITUTE),
            'sent_at' => time() + (int) ceil(($envelope->last(DelayStamp::class)?->getDelay() ?? 0) / 1000),
        ]);

        return $envelope->with(new TransportMessageIdStamp((string) $this->connection->lastInsertId()));
    }

    public function get(): iterable
    {
        $this->giveBackAbandoned();
        $me = self::owner();
        $taken = $this->connection->executeStatement(
            'UPDATE work_queue SET owner = :me, taken_at = :now WHERE id = (SELECT id FROM work_queue WHERE queue = :queue AND owner IS NULL AND sent_at <= :now ORDER BY id LIMIT 1)',
            ['me' => $me, 'now' => time(), 'queue' => $this->queue],
        );
        if ($taken === 0) {
            return [];
        }
        $row = $this->connection->fetchAssociative(
            'SELECT id, body FROM work_queue WHERE queue = :queue AND owner = :me ORDER BY taken_at DESC, id DESC LIMIT 1',
            ['queue' => $this->queue, 'me' => $me],
        );
        if ($row === false || !\is_string($row['body']) || !is_numeric($row['id'])) {
            return [];
        }

        return [$this->read($row['body'])->with(new TransportMessageIdStamp((string) (int) $row['id']))];
    }

    /** @return list<Envelope> all messages, taken or not, as they came */
    public function all(): array
    {
        $bodies = $this->connection->fetchFirstColumn('SELECT body FROM work_queue WHERE queue = ? ORDER BY id', [$this->queue]);

        return array_map($this->read(...), array_values(array_filter($bodies, \is_string(...))));
    }

    private function read(string $body): Envelope
    {
        $encoded = json_decode($body, true, 16, \JSON_THROW_ON_ERROR);
        if (!\is_array($encoded) || !\is_string($encoded['body'] ?? null)) {
            throw new \UnexpectedValueException('A message in the queue is damaged.');
        }

        return $this->serializer->decode(['body' => $encoded['body']]);
    }

    public function ack(Envelope $envelope): void
    {
        $this->remove($envelope);
    }

    public function reject(Envelope $envelope): void
    {
        $this->remove($envelope);
    }

    private function remove(Envelope $envelope): void
    {
        $id = $envelope->last(TransportMessageIdStamp::class)?->getId();
        $this->connection->delete('work_queue', ['id' => is_numeric($id) ? (int) $id : 0]);
    }

    private function giveBackAbandoned(): void
    {
        $taken = $this->connection->fetchAllAssociative(
            'SELECT id, owner, taken_at FROM work_queue WHERE queue = :queue AND owner IS NOT NULL',
            ['queue' => $this->queue],
        );
        foreach ($taken as $row) {
            $owner = \is_string($row['owner']) ? $row['owner'] : '';
            $takenAt = is_numeric($row['taken_at']) ? (int) $row['taken_at'] : 0;
            if (self::isGone($owner, $takenAt)) {
                $this->connection->executeStatement(
                    'UPDATE work_queue SET owner = NULL WHERE id = :id AND owner = :owner',
                    ['id' => $row['id'], 'owner' => $owner],
                );
            }
        }
    }

    private static function isGone(string $owner, int $takenAt): bool
    {
        [$host, $process, $started] = explode(' ', $owner.'  ');
        if ($host !== gethostname()) {
            return time() - $takenAt > self::SILENT_S;
        }

        // A process number can come back: the same number with another start is another process.
        return $process === '' || !posix_kill((int) $process, 0) || self::startOf((int) $process) !== $started;
    }

    private static function owner(): string
    {
        $process = (int) getmypid();

        return \sprintf('%s %d %s', gethostname(), $process, self::startOf($process));
    }

    private static function startOf(int $process): string
    {
        $stat = @file_get_contents("/proc/$process/stat");
        $after = $stat === false ? [] : explode(' ', substr($stat, (int) strrpos($stat, ')') + 2));

        return $after[19] ?? '-';
    }
}
