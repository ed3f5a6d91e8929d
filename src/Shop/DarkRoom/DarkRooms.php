<?php

declare(strict_types=1);

namespace Ektype\App\Shop\DarkRoom;

use Ektype\App\Shop\Shelf;

/**
 * The dark room: a shop has one.
 *
 * @extends Shelf<DarkRoom>
 */
final readonly class DarkRooms extends Shelf
{
    protected static function kind(): string
    {
        return DarkRoom::class;
    }

    /** As it was set, or as it is assumed; a room that was not stored yet is put on the shelf when it is changed. */
    public function ours(): DarkRoom
    {
        return $this->first() ?? new DarkRoom();
    }
}
