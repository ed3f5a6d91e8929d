<?php

declare(strict_types=1);

namespace Ektype\App\Action\Press;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Action\Unrecorded;
use Ektype\App\Shop\Plate\OnStandIn;

/** The stand-in printed these plates for the first time: from now on it knows how they lie. */
final readonly class LayOnStandIn implements Unrecorded
{
    /** @param array<int, OnStandIn> $first by plate */
    public function __construct(private array $first)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        foreach ($this->first as $plate => $lay) {
            $shop->plates->get($plate)->layOnStandIn($lay);
        }

        return 'Plates on the stand-in’s press';
    }
}
