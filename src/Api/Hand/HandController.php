<?php

declare(strict_types=1);

namespace Ektype\App\Api\Hand;

use Ektype\App\Action\Hand;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Undo\DoAgain;
use Ektype\App\Action\Undo\TakeBack;
use Ektype\App\Api\Asking\Asked;
use Ektype\App\Query\Hand\OfHand;
use Ektype\App\Query\Hand\SeeHand;
use Ektype\App\Shop\Change\Places;
use Symfony\Component\Routing\Attribute\Route;

/** What was done from a page, taken back and done again. */
final readonly class HandController
{
    public function __construct(private ShopDoor $door, private SeeHand $see, private Hand $hand, private Places $places)
    {
    }

    #[Route('/api/undo', methods: ['GET'])]
    public function show(#[Asked] HandAsked $asked): OfHand
    {
        return $this->see->of($this->hand->page, $asked->place);
    }

    #[Route('/api/undo', methods: ['POST'])]
    public function undo(#[Asked] HandAsked $asked): HandDid
    {
        return new HandDid($this->door->do(new TakeBack($this->places->named($asked->place)))->what, $this->show($asked));
    }

    #[Route('/api/redo', methods: ['POST'])]
    public function redo(#[Asked] HandAsked $asked): HandDid
    {
        return new HandDid($this->door->do(new DoAgain($this->places->named($asked->place)))->what, $this->show($asked));
    }
}
