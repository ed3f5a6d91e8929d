<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** A dryer leaves the shop. */
final readonly class TakeOffDryer implements Change
{
    public function __construct(private int $id)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $dryer = $shop->printing->dryers->get($this->id);
        $shop->printing->dryers->remove($dryer);

        return $dryer->set()->name.' taken off the shelf';
    }
}
