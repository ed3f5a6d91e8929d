<?php

declare(strict_types=1);

namespace Ektype\App\Api\Hand;

use Ektype\App\Action\Hand;
use Ektype\App\Action\ShopDoor;
use Ektype\App\Action\Undo\DoAgain;
use Ektype\App\Action\Undo\TakeBack;
use Ektype\App\Query\Hand\OfHand;
use Ektype\App\Query\Hand\SeeHand;
use Symfony\Component\Routing\Attribute\Route;

/** What was done from a page, taken back and done again. */
final readonly class HandController
{
    public function __construct(private ShopDoor $door, private SeeHand $see, private Hand $hand)
    {
    }

    #[Route('/api/undo', methods: ['GET'])]
    public function show(): OfHand
    {
        return $this->see->of($this->hand->page);
    }

    #[Route('/api/undo', methods: ['POST'])]
    public function undo(): HandDid
    {
        return new HandDid($this->door->do(new TakeBack())->what, $this->show());
    }

    #[Route('/api/redo', methods: ['POST'])]
    public function redo(): HandDid
    {
        return new HandDid($this->door->do(new DoAgain())->what, $this->show());
    }
}
