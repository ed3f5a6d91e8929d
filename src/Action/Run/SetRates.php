<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Plan\Patch;

/** What things cost in the shop is written down. */
final readonly class SetRates implements Change
{
    public function __construct(private Patch $patch)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $list = $shop->printing->prices->ours();
        $list->write($this->patch->on($list->rates()));
        $shop->printing->prices->add($list);

        return 'Price list';
    }
}
