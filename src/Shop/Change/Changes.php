<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Change;

use Ektype\App\Shop\Shelf;

/**
 * What was done to the shop, for undo.
 *
 * @extends Shelf<Change>
 */
final readonly class Changes extends Shelf
{
    /** So many are kept in all; older ones can no longer be taken back. */
    private const KEPT = 600;
    /** So far back what was done at one place is looked for. */
    private const LOOKED_BACK = 60;
    private const AT_A_TIME = 6;

    protected static function kind(): string
    {
        return Change::class;
    }

    /** A new change ends what its page could have done again. */
    public function keep(Change $change): void
    {
        foreach ($change->page === '' ? [] : $this->shelf()->findBy(['page' => $change->page, 'undone' => true]) as $given) {
            $this->remove($given);
        }
        foreach ($this->shelf()->findBy([], ['id' => 'DESC'], 20, self::KEPT) as $old) {
            $this->remove($old);
        }
        $this->add($change);
    }

    /** What undo would take back for a page where it stands. */
    public function lastBy(string $page, ?Place $place = null): ?Change
    {
        return $this->firstAt($place, $page, false);
    }

    /** What redo would do again for it: the one that was taken back last, which was done first. */
    public function nextAgainBy(string $page, ?Place $place = null): ?Change
    {
        return $this->firstAt($place, $page, true);
    }

    private function firstAt(?Place $place, string $page, bool $undone): ?Change
    {
        // A few at a time: each holds whole rows, and mostly the first is the one.
        for ($from = 0; $page !== '' && $from < self::LOOKED_BACK; $from += self::AT_A_TIME) {
            foreach ($this->shelf()->findBy(['page' => $page, 'undone' => $undone], ['id' => $undone ? 'ASC' : 'DESC'], self::AT_A_TIME, $from) as $change) {
                if ($place === null || $place->has($change)) {
                    return $change;
                }
            }
        }

        return null;
    }

    /** The turn of the oldest change that is still known; 0 while none was forgotten. */
    public function knownSince(): int
    {
        if ($this->count() < self::KEPT) {
            return 0;
        }

        return $this->shelf()->findOneBy([], ['id' => 'ASC'])->turn ?? 0;
    }

    /** @return list<Change> done by other pages after a turn of the shop and still standing, latest first */
    public function afterTurnByOthers(int $turn, string $page): array
    {
        return $this->asked(
            'SELECT c FROM '.Change::class.' c WHERE c.turn > :turn AND c.undone = false AND c.page <> :page ORDER BY c.id DESC',
            ['turn' => $turn, 'page' => $page],
        );
    }

    /** @return list<Change> done since by other hands and still standing, latest first */
    public function sinceByOthers(Change $change): array
    {
        return $this->asked(
            'SELECT c FROM '.Change::class.' c WHERE c.id > :id AND c.undone = false AND c.page <> :page ORDER BY c.id DESC',
            ['id' => $change->id, 'page' => $change->page],
        );
    }
}
