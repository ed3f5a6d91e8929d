<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

/** Whether this device is asked for the pass-phrase, and whether it was let in. */
final readonly class Door
{
    public function __construct(public bool $asks, public bool $letIn)
    {
    }
}
