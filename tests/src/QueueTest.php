<?php

declare(strict_types=1);

namespace Ektype\Tests\App;

use Ektype\App\Action\Work\LongWork;
use Ektype\App\Work\Queue\ShopQueueFactory;
use Symfony\Component\Messenger\Envelope;
use Symfony\Component\Messenger\Transport\Serialization\PhpSerializer;
use Symfony\Component\Messenger\Transport\TransportInterface;

final class QueueTest extends ShopTestCase
{
    public function testWorkIsTakenOnceInOrderAndGoneWhenDone(): void
    {
        $queue = $this->queue();
        $queue->send(new Envelope(new LongWork(1)));
        $queue->send(new Envelope(new LongWork(2)));
        [$first] = [...$queue->get()];
        [$second] = [...$queue->get()];
        self::assertEquals([new LongWork(1), new LongWork(2)], [$first->getMessage(), $second->getMessage()]);
        self::assertSame([], [...$queue->get()], 'what is taken is not handed out twice');
        $queue->ack($first);
        $queue->reject($second);
        self::assertSame(0, $this->waiting());
    }

    public function testWorkOfAKilledWorkerIsTakenUpAgain(): void
    {
        $queue = $this->queue();
        $queue->send(new Envelope(new LongWork(7)));
        self::assertCount(1, [...$queue->get()]);
        // A process that has ended: its number is no longer anyone's.
        $child = proc_open(['true'], [], $pipes);
        self::assertIsResource($child);
        $gone = proc_get_status($child)['pid'];
        while (proc_get_status($child)['running']) {
            usleep(1000);
        }
        proc_close($child);
        $this->connection()->executeStatement('UPDATE work_queue SET owner = :owner', ['owner' => gethostname()." $gone 1"]);
        [$again] = [...$queue->get()];
        self::assertEquals(new LongWork(7), $again->getMessage());
    }

    public function testAProcessNumberThatCameBackIsAnotherProcess(): void
    {
        $queue = $this->queue();
        $queue->send(new Envelope(new LongWork(8)));
        [...$queue->get()];
        $this->connection()->executeStatement('UPDATE work_queue SET owner = :owner', ['owner' => gethostname().' '.getmypid().' 12345']);
        self::assertCount(1, [...$queue->get()]);
    }

    public function testTheDatabaseHasTheShapeOfTheEntities(): void
    {
        $entities = self::getContainer()->get('doctrine.orm.default_entity_manager');
        self::assertInstanceOf(\Doctrine\ORM\EntityManagerInterface::class, $entities);
        // Indexes with a condition are the migrations’ own: Doctrine does not know them on SQLite.
        $entities->getConnection()->executeStatement('DROP INDEX one_open_task');
        $entities->getConnection()->executeStatement('DROP INDEX one_stencil_on_a_frame');
        $tool = new \Doctrine\ORM\Tools\SchemaTool($entities);
        $changes = array_values(
            array_filter(
                $tool->getUpdateSchemaSql($entities->getMetadataFactory()->getAllMetadata()),
                static fn (string $sql): bool => !str_contains($sql, 'work_queue') && !\in_array(
                    $sql,
                    ['DROP TABLE migration', 'DROP TABLE write_lock', 'DROP TABLE device', 'DROP TABLE door_try', 'DROP TABLE shop_identity', 'DROP TABLE written'],
                    true,
                ),
            ),
        );
        self::assertSame([], $changes, 'a migration is missing');
    }

    private function queue(): TransportInterface
    {
        $factory = new ShopQueueFactory($this->connection());
        self::assertTrue($factory->supports('shopdb://default', []));
        self::assertFalse($factory->supports('redis://here', []));

        return $factory->createTransport('shopdb://default', [], new PhpSerializer());
    }

    private function waiting(): int
    {
        $count = $this->connection()->fetchOne('SELECT COUNT(*) FROM work_queue');

        return is_numeric($count) ? (int) $count : -1;
    }
}
