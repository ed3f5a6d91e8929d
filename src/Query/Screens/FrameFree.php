<?php

declare(strict_types=1);

namespace Ektype\App\Query\Screens;

/** What stands between it and the plate. */
final readonly class FrameFree
{
    /**
     * @param list<string> $first     what must be done to it before it can be burned
     * @param list<string> $obstacles why it cannot be taken; empty where it can
     */
    public function __construct(
        public string $takenBy,
        public array $first,
        public array $obstacles,
    ) {
    }
}
