<?php

declare(strict_types=1);

namespace Ektype\App\Query;

use Doctrine\ORM\EntityManagerInterface;
use Psr\Clock\ClockInterface;

/** Looks at the shop as it stands at one moment: what a worker or another page ends between two reads is not half seen. */
final readonly class Moment
{
    public function __construct(private EntityManagerInterface $entities, private Shelves $shelves, private ClockInterface $clock)
    {
    }

    /**
     * @template T
     *
     * @param callable(Snapshot): T $look
     *
     * @return T
     */
    public function see(callable $look): mixed
    {
        $this->entities->clear();
        $connection = $this->entities->getConnection();
        $connection->beginTransaction();
        try {
            return $look(new Snapshot($this->shelves, $this->clock->now()));
        } finally {
            $connection->rollBack();
        }
    }
}
