<?php

declare(strict_types=1);

namespace Ektype\App\Action\Undo;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Change\Change;
use Ektype\App\Shop\Change\Place;
use Ektype\App\Shop\Change\TouchedRow;

/** Takes back the last thing that was done from this page where it stands. */
final readonly class TakeBack implements Unrecorded
{
    public function __construct(private ?Place $place = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $change = $shop->journal->changes->lastBy(
            $shop->hand->page,
            $this->place,
        ) ?? throw Refused::because('There is nothing to undo: nothing was done here from this page yet, or all of it was taken back.');
        self::nobodyElse($shop, $change, 'take it back');
        self::putBack($shop, $change, $change->rows());
        $change->undone = true;

        return $change->what;
    }

    /**
     * @param list<TouchedRow> $rows
     *
     * @throws Refused where what it had is another's now
     */
    public static function putBack(ShopFloor $shop, Change $change, array $rows): void
    {
        try {
            $shop->journal->rows->takeBack($rows);
        } catch (UniqueConstraintViolationException) {
            throw Refused::because(\sprintf('“%s” stays: a frame or a name that it had is another’s since, and two would have it. Take it back there first.', $change->what));
        }
    }

    /** @throws Refused where somebody else has been at it since: their change would be lost */
    public static function nobodyElse(ShopFloor $shop, Change $change, string $to): void
    {
        foreach ($shop->journal->changes->sinceByOthers($change) as $later) {
            if ($change->sharesPartsWith($later)) {
                throw Refused::because(\sprintf('“%s” stays: since then “%s” was done to the same thing from another page, at %s, and would be lost. To %s, take that back there first.', $change->what, $later->what, $later->madeAt->format('H:i'), $to));
            }
        }
        foreach ($change->undone ? [] : $change->rows() as $row) {
            if (!$shop->journal->rows->standsAsLeft($row)) {
                throw Refused::because(
                    \sprintf('“%s” stays: what it changed has been changed again since, and that would be lost.', $change->what),
                );
            }
        }
    }
}
