<?php

declare(strict_types=1);

namespace Ektype\App\Query\Notices;

use Ektype\App\Shop\Folder\DiskRoom;
use Ektype\App\Work\TidyingStopped;

/** What everybody in the shop should know now, whatever page is open. */
final readonly class SeeNotices
{
    public function __construct(private DiskRoom $room, private TidyingStopped $stopped)
    {
    }

    /** @return list<Notice> */
    public function all(): array
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
