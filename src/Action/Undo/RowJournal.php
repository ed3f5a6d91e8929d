<?php

declare(strict_types=1);

namespace Ektype\App\Action\Undo;

use Doctrine\Bundle\DoctrineBundle\Attribute\AsDoctrineListener;
use Doctrine\ORM\EntityManagerInterface;
use Doctrine\ORM\Event\OnFlushEventArgs;
use Doctrine\ORM\Event\PostFlushEventArgs;
use Doctrine\ORM\Events;
use Ektype\App\Shop\Change\Change;
use Ektype\App\Shop\Change\RowStore;
use Ektype\App\Shop\Change\TouchedRow;
use Ektype\App\Shop\Task\Task;

/** Writes down every row that a change touches, whole, before and after, whichever class it is of. */
#[AsDoctrineListener(Events::onFlush)]
#[AsDoctrineListener(Events::postFlush)]
final class RowJournal
{
    /** What nobody takes back. */
    private const ASIDE = [Change::class, Task::class];

    private bool $open = false;
    /** @var array<string, TouchedRow> as they stood when the change began */
    private array $before = [];
    /** @var list<object> */
    private array $made = [];
    /** @var list<object> written in this flush, still without a number */
    private array $coming = [];

    public function __construct(private readonly RowStore $rows, private readonly EntityManagerInterface $entities)
    {
    }

    public function begin(): void
    {
        $this->open = true;
        $this->before = $this->made = $this->coming = [];
    }

    public function end(): Touched
    {
        $this->open = false;
        $rows = [];
        foreach ($this->before as $row) {
            $touched = new TouchedRow($row->table, $row->id, $row->before, $this->rows->read($row->table, $row->id));
            if (!$touched->isUnchanged()) {
                $rows[] = $touched;
            }
        }
        $made = $this->made;
        $this->before = $this->made = [];

        return new Touched($rows, $made);
    }

    public function onFlush(OnFlushEventArgs $args): void
    {
        if (!$this->open) {
            return;
        }
        $work = $this->entities->getUnitOfWork();
        foreach ([...$work->getScheduledEntityUpdates(), ...$work->getScheduledEntityDeletions()] as $one) {
            $this->stood($one);
        }
        foreach ($work->getScheduledEntityDeletions() as $one) {
            $this->pointersTo($one);
        }
        $this->coming = array_values($work->getScheduledEntityInsertions());
    }

    public function postFlush(PostFlushEventArgs $args): void
    {
        foreach ($this->open ? $this->coming : [] as $one) {
            $this->made[] = $one;
            if (!\in_array($one::class, self::ASIDE, true)) {
                [$table, $id] = $this->address($one);
                $this->before["$table $id"] = new TouchedRow($table, $id, null, null);
            }
        }
        $this->coming = [];
    }

    private function stood(object $one): void
    {
        if (!\in_array($this->entities->getClassMetadata($one::class)->getName(), self::ASIDE, true)) {
            [$table, $id] = $this->address($one);
            $this->before["$table $id"] ??= new TouchedRow($table, $id, $this->rows->read($table, $id), null);
        }
    }

    /** The database itself lets go of what pointed at a row that is gone. */
    private function pointersTo(object $gone): void
    {
        $class = $this->entities->getClassMetadata($gone::class)->getName();
        [, $id] = $this->address($gone);
        foreach ($this->entities->getMetadataFactory()->getAllMetadata() as $other) {
            foreach ($other->getAssociationMappings() as $mapping) {
                if ($mapping->targetEntity === $class && $mapping->isToOneOwningSide() && !\in_array(
                    $other->getName(),
                    self::ASIDE,
                    true,
                )) {
                    foreach ($this->rows->pointingAt($other->getTableName(), $mapping->joinColumns[0]->name, $id) as $row) {
                        $this->before[$other->getTableName().' '.$row] ??= new TouchedRow(
                            $other->getTableName(),
                            $row,
                            $this->rows->read($other->getTableName(), $row),
                            null,
                        );
                    }
                }
            }
        }
    }

    /** @return array{string, int} table and number */
    private function address(object $one): array
    {
        $of = $this->entities->getClassMetadata($one::class);
        $id = $of->getIdentifierValues($one)['id'] ?? null;

        return [$of->getTableName(), \is_int($id) ? $id : throw new \LogicException('Every row of the shop has a number.')];
    }
}
