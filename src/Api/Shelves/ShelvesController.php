<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\ShelfKind;
use Ektype\App\Action\Shelves\TakeOffShelf;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Shelves\InkRead;
use Ektype\App\Query\Shelves\SeeShelves;
use Ektype\App\Query\Shelves\SeeTrade;
use Ektype\App\Query\Shelves\ShopShelves;
use Ektype\App\Query\Shelves\TradeLists;
use Symfony\Component\Routing\Attribute\Route;

/** What stands on the shop’s shelves, put there, described anew and taken off; and the lists of the trade. */
final readonly class ShelvesController
{
    public function __construct(private ShopDoor $door, private SeeShelves $shelves, private SeeTrade $trade)
    {
    }

    #[Route('/api/shop', methods: ['GET'])]
    public function shop(): ShopShelves
    {
        return $this->shelves->all();
    }

    #[Route('/api/trade', methods: ['GET'])]
    public function trade(): TradeLists
    {
        return $this->trade->lists();
    }

    /** What a drawdown over black and white tells of an ink; nothing is stored. */
    #[Route('/api/drawdown', methods: ['POST'])]
    public function drawdown(#[Body] DrawdownRead $read): InkRead
    {
        return InkRead::of($read->told());
    }

    /** So many frames alike, numbered on. */
    #[Route('/api/shop/frames/alike', methods: ['POST']), Status(201)]
    public function alike(#[Body] FramesEntry $frames): ShopShelves
    {
        $this->door->do($frames->change());

        return $this->shelves->all();
    }

    /** What turning one knob alone has shown. */
    #[Route('/api/shop/presses/{id<[0-9]{1,9}>}/knobs/{knob<[0-9]{1,2}>}/turned', methods: ['POST'])]
    public function knob(int $id, int $knob, #[Body] KnobTried $tried): ShopShelves
    {
        $this->door->do($tried->change($id, $knob));

        return $this->shelves->all();
    }

    #[Route('/api/shop/{kind}', methods: ['POST']), Status(201)]
    public function put(ShelfKind $kind, #[Body] Entry $entry): ShopShelves
    {
        $this->door->do($entry->change(null));

        return $this->shelves->all();
    }

    /** Says of a thing on the shelf what it is. */
    #[Route('/api/shop/{kind}/{id<[0-9]{1,9}>}', methods: ['PUT'])]
    public function edit(ShelfKind $kind, int $id, #[Body] Entry $entry): ShopShelves
    {
        $this->door->do($entry->change($id));

        return $this->shelves->all();
    }

    /** A fresh pot, or what its data sheet says; what is not told stays. */
    #[Route('/api/shop/emulsions/{id<[0-9]{1,9}>}', methods: ['PATCH'])]
    public function pot(int $id, #[Body] EmulsionPatch $patch): ShopShelves
    {
        $this->door->do($patch->change($id));

        return $this->shelves->all();
    }

    #[Route('/api/shop/{kind}/{id<[0-9]{1,9}>}', methods: ['DELETE'])]
    public function takeOff(ShelfKind $kind, int $id): ShopShelves
    {
        $this->door->do(new TakeOffShelf($kind, $id));

        return $this->shelves->all();
    }
}
