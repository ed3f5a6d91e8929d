<?php

declare(strict_types=1);

namespace Ektype\App\Action\Undo;

use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Change\Place;
use Ektype\App\Shop\Change\TouchedRow;

/** Does again what this page took back last. */
final readonly class DoAgain implements Unrecorded
{
    public function __construct(private ?Place $place = null)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $change = $shop->journal->changes->nextAgainBy($shop->hand->page, $this->place) ?? throw Refused::because('There is nothing to do again.');
        TakeBack::nobodyElse($shop, $change, 'do it again');
        $again = array_map(static fn (TouchedRow $row): TouchedRow => $row->back(), $change->rows());
        foreach ($again as $row) {
            if (!$shop->journal->rows->standsAsLeft($row)) {
                throw Refused::because(\sprintf('“%s” is not done again: what it would change has been changed since.', $change->what));
            }
        }
        TakeBack::putBack($shop, $change, $again);
        $change->undone = false;

        return $change->what;
    }
}
