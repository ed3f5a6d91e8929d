<?php

declare(strict_types=1);

namespace Ektype\App\Action\Work;

/** The message that a task waits to be done. */
final readonly class LongWork
{
    public function __construct(public int $taskId)
    {
    }
}
