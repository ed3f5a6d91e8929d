<?php

declare(strict_types=1);

namespace Ektype\App\Action\Plates;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Plan\Patch;

/** What the hand decides of how a plate is printed. */
final readonly class DecidePrint implements Change
{
    public function __construct(private int $plateId, private Patch $patch)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $plate->decide($this->patch->on($plate->byHand()));

        return 'Print of '.$plate->name;
    }
}
