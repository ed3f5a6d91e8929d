<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** A probe went through a dryer: what it found of its heat counts from now on. */
final readonly class ProbeDryer implements Change
{
    /** @param float $times heat against what it is said to give */
    public function __construct(private int $id, private float $times)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $dryer = $shop->printing->dryers->get($this->id);
        $dryer->probed($this->times);

        return 'Probe in '.$dryer->set()->name;
    }
}
