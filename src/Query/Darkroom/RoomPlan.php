<?php

declare(strict_types=1);

namespace Ektype\App\Query\Darkroom;

use Ektype\App\Query\PartsBeside;
use Ektype\Core\Unit\Beside;

/** The dark-room plan of all open jobs. */
final readonly class RoomPlan implements \JsonSerializable
{
    use PartsBeside;

    /**
     * @param string             $starts    local time at which the plan begins
     * @param float              $startsMin the same in minutes after midnight
     * @param list<ScreenInRoom> $screens   in the order in which they get their turn
     * @param bool               $byHand    whether the printer chose the order
     * @param list<string>       $cannot    screens that can never be made in this room, each with its reason
     * @param int                $left      screens that are not planned: there are more than a room can see at once
     */
    public function __construct(
        public string $starts,
        public float $startsMin,
        public float $opensMin,
        public float $closesMin,
        public array $screens,
        #[Beside]
        public LateInAll $late,
        public float $endsMin,
        public bool $byHand,
        public int $left,
        public Room $room,
        public array $cannot,
    ) {
    }
}
