<?php

declare(strict_types=1);

namespace Ektype\App\Action\Run;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Plan\Patch;
use Ektype\App\Shop\Dryer\ShopDryer;
use Ektype\Core\Cure\Dryer;

/** A dryer is put on the shelf, or set otherwise. */
final readonly class SetDryer implements Change
{
    /** @param int|null $id null for a new one */
    public function __construct(private ?int $id, private Patch $patch)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        if ($this->id === null) {
            $dryer = $this->patch->on(new Dryer());
            $shop->printing->dryers->add(new ShopDryer($dryer));

            return $dryer->name;
        }
        $kept = $shop->printing->dryers->get($this->id);
        $kept->change($this->patch->on($kept->set()));

        return $kept->set()->name;
    }
}
