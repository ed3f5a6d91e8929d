<?php

declare(strict_types=1);

namespace Ektype\App\Work\Long;

/** A lock that this process holds until it lets go, or ends. */
final class Held
{
    /** @param resource $lock */
    public function __construct(private $lock)
    {
    }

    public function release(): void
    {
        if (\is_resource($this->lock)) {
            fclose($this->lock);
        }
    }
}
