<?php

declare(strict_types=1);

namespace Ektype\Core\Press;

/** One place in the print order: which plate, why here, and whether a flash follows. */
final readonly class PrintStep
{
    /** @param int $plate index into the plates as they were given */
    public function __construct(
        public int $plate,
        public string $reason,
        public bool $flashAfter,
        public string $flashReason,
    ) {
    }
}
