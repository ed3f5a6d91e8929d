<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Door;

/** A device that was let in by the pass-phrase. */
final readonly class KnownDevice
{
    /**
     * @param int $letInAt seconds of the epoch
     * @param int $seenAt  when it last asked for something, to the hour
     */
    public function __construct(public int $id, public string $name, public int $letInAt, public int $seenAt)
    {
    }
}
