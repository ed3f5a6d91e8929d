<?php

declare(strict_types=1);

namespace Ektype\App\Query\Now;

use Ektype\App\Shop\Folder\DiskRoom;
use Ektype\App\Shop\Turn;
use Ektype\App\Work\Tidy\TidyingStopped;

/** Whether the shop was changed, and what everybody in it should know, whatever page is open. */
final readonly class SeeNow
{
    public function __construct(private Turn $turn, private DiskRoom $room, private TidyingStopped $stopped)
    {
    }

    public function look(): Now
    {
        return new Now($this->turn->now(), $this->notices());
    }

    /** @return list<Notice> */
    private function notices(): array
    {
        $notices = [];
        if ($this->room->isScarce()) {
            $notices[] = new Notice(\sprintf('The disk is nearly full: %s. Make room before you separate or write films.', $this->room->says()));
        }
        if ($this->stopped->says() !== '') {
            $notices[] = new Notice($this->stopped->says());
        }

        return $notices;
    }
}
