<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** A trial was a slip, or holds no more: nothing is reckoned with it. */
final readonly class ForgetTrial implements Change
{
    public function __construct(private int $id)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $shop->printing->trials->remove($shop->printing->trials->get($this->id));

        return 'A trial is left out';
    }
}
