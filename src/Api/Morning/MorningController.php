<?php

declare(strict_types=1);

namespace Ektype\App\Api\Morning;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Status;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Morning\FirstQuestions;
use Ektype\App\Query\Morning\SeeMorning;
use Ektype\App\Query\Shelves\SeeShelves;
use Ektype\App\Query\Shelves\ShopShelves;
use Symfony\Component\Routing\Attribute\Route;

/** The first morning of a shop. */
final readonly class MorningController
{
    public function __construct(private ShopDoor $door, private SeeMorning $morning, private SeeShelves $shelves)
    {
    }

    #[Route('/api/morning', methods: ['GET'])]
    public function questions(): FirstQuestions
    {
        return $this->morning->questions();
    }

    /** Six answers, and the shop stands. */
    #[Route('/api/morning', methods: ['POST']), Status(201)]
    public function open(#[Body] FirstAnswers $answers): ShopShelves
    {
        $this->door->do($answers->change());

        return $this->shelves->all();
    }
}
