<?php

declare(strict_types=1);

namespace Ektype\App\Work\Queue;

use Doctrine\DBAL\Connection;
use Symfony\Component\Messenger\Transport\Serialization\SerializerInterface;
use Symfony\Component\Messenger\Transport\TransportFactoryInterface;

/**
 * Makes the queue for a DSN “shopdb://name”.
 *
 * @implements TransportFactoryInterface<ShopQueue>
 */
final readonly class ShopQueueFactory implements TransportFactoryInterface
{
    public function __construct(private Connection $connection)
    {
    }

    /** @param array<mixed> $options */
    public function createTransport(#[\SensitiveParameter] string $dsn, array $options, SerializerInterface $serializer): ShopQueue
    {
        return new ShopQueue($this->connection, $serializer, substr($dsn, \strlen('shopdb://')));
    }

    /** @param array<mixed> $options */
    public function supports(#[\SensitiveParameter] string $dsn, array $options): bool
    {
        return str_starts_with($dsn, 'shopdb://');
    }
}
