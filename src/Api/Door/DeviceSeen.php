<?php

declare(strict_types=1);

namespace Ektype\App\Api\Door;

/** A device that was let in, as a page lists it. */
final readonly class DeviceSeen
{
    /** @param bool $isThis whether the list is asked for from it */
    public function __construct(public int $id, public string $name, public string $letInAt, public string $seenAt, public bool $isThis)
    {
    }
}
