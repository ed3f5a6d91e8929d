<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Task;

/** How far a piece of long work has come. */
enum TaskState: string
{
    case Waiting = 'waiting';
    case Working = 'working';
    case Done = 'done';
    case Failed = 'failed';

    public function isOpen(): bool
    {
        return $this === self::Waiting || $this === self::Working;
    }
}
