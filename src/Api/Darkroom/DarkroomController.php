<?php

declare(strict_types=1);

namespace Ektype\App\Api\Darkroom;

use Ektype\App\Action\ShopDoor;
use Ektype\App\Api\Answering\Heavy;
use Ektype\App\Api\Asking\Body;
use Ektype\App\Query\Darkroom\RoomPlan;
use Ektype\App\Query\Darkroom\SeeDarkroom;
use Symfony\Component\Routing\Attribute\Route;

/** The dark room: its plan and its air. */
final readonly class DarkroomController
{
    public function __construct(private ShopDoor $door, private SeeDarkroom $room)
    {
    }

    /** The plan from now on. */
    #[Heavy]
    #[Route('/api/darkroom', methods: ['GET'])]
    public function plan(): RoomPlan
    {
        return $this->room->plan();
    }

    /** What follows when the screens get their turn in this order. */
    #[Heavy]
    #[Route('/api/darkroom', methods: ['POST'])]
    public function byHand(#[Body] OrderByHand $by): RoomPlan
    {
        return $this->room->plan($by->order);
    }

    /** The air that was read, the places, the hours, the schools. */
    #[Route('/api/darkroom/room', methods: ['PATCH'])]
    public function set(#[Body] RoomPatch $patch): RoomPlan
    {
        $this->door->do($patch->change());

        return $this->room->plan();
    }
}
