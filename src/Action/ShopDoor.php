<?php

declare(strict_types=1);

namespace Ektype\App\Action;

use Doctrine\ORM\EntityManagerInterface;
use Ektype\App\Action\Undo\RowJournal;
use Ektype\App\Action\Work\LongWork;
use Ektype\App\Shop\Change\Change as Recorded;
use Ektype\App\Shop\Change\TouchedRow;
use Ektype\App\Shop\Task\Task;
use Ektype\App\Shop\Turn;
use Psr\Clock\ClockInterface;
use Symfony\Component\Messenger\MessageBusInterface;

/**
 * The one way to change the shop: one at a time, each in a transaction that takes the write lock before it reads, so that
 * nobody changes what somebody else has changed since. What was done is recorded for undo.
 */
final readonly class ShopDoor
{
    public function __construct(
        private EntityManagerInterface $entities,
        private ShopFloor $floor,
        private RowJournal $journal,
        private Turn $turn,
        private ClockInterface $clock,
        private MessageBusInterface $bus,
    ) {
    }

    /** All of them or none. */
    public function do(Change ...$changes): Done
    {
        $connection = $this->entities->getConnection();
        // What was read before the lock may be stale.
        $this->entities->clear();
        $connection->beginTransaction();
        try {
            // A write as the first statement: SQLite takes its write lock here, other databases lock this row.
            $connection->executeStatement('UPDATE write_lock SET turn = turn + 1');
            $this->journal->begin();
            $what = [];
            $recorded = [];
            foreach ($changes as $change) {
                $what[] = $said = $change->carryOut($this->floor);
                if (!$change instanceof Unrecorded) {
                    $recorded[] = $said;
                }
                $this->entities->flush();
            }
            $touched = $this->journal->end();
            $named = self::named($recorded);
            if ($recorded !== [] && !$touched->isEmpty()) {
                $now = new Recorded($this->floor->hand->page, $this->clock->now(), $named, $touched->rows);
                $now->turn = $this->turn->now();
                $this->sawWhatItChanges($touched->rows);
                $this->floor->journal->changes->keep($now);
                $this->entities->flush();
            }
            foreach ($touched->made as $one) {
                if ($one instanceof Task) {
                    // Within the transaction: the queue lies in the shop’s database.
                    $this->bus->dispatch(new LongWork($one->idOrFail()));
                }
            }
            $connection->commit();

            return new Done(self::named($what), $touched->made);
        } catch (\Throwable $fault) {
            $this->journal->end();
            $this->giveUp();
            throw $fault;
        }
    }

    private function giveUp(): void
    {
        $connection = $this->entities->getConnection();
        try {
            while ($connection->isTransactionActive()) {
                $connection->rollBack();
            }
        } catch (\Doctrine\DBAL\Exception) {
            // On a full disk SQLite has taken all of it back by itself, and knows of no transaction any more.
            $connection->close();
        }
        $this->entities->clear();
    }

    /**
     * A page that says which turn it shows does not change unseen what another page has changed since.
     *
     * @param list<TouchedRow> $rows
     *
     * @throws Refused where it would
     */
    private function sawWhatItChanges(array $rows): void
    {
        $hand = $this->floor->hand;
        if ($hand->seen !== null && $hand->seen + 1 < $this->floor->journal->changes->knownSince()) {
            throw Refused::because('This page was asleep for so long that what others have changed since is not known here. Load it again, look, and give your change once more.');
        }
        foreach ($hand->seen === null ? [] : $this->floor->journal->changes->afterTurnByOthers($hand->seen, $hand->page) as $other) {
            foreach ($other->rows() as $theirs) {
                foreach ($rows as $ours) {
                    if ($ours->setsWhat($theirs)) {
                        throw Refused::because(\sprintf(
                            'Another page has changed the same in the meantime: “%s”. Yours was not written over it. Look at what stands there now, and give it again if you still want it.',
                            $other->what,
                        ));
                    }
                }
            }
        }
    }

    /** @param list<string> $said */
    private static function named(array $said): string
    {
        $parts = array_values(array_unique(array_filter($said, static fn (string $s): bool => $s !== '')));

        return implode(', ', array_map(static fn (int $i, string $s): string => $i === 0 ? $s : lcfirst($s), array_keys($parts), $parts));
    }
}
