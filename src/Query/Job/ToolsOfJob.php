<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What it is burned and printed with. */
final readonly class ToolsOfJob
{
    /**
     * @param string $pressMind what the press has no place for; empty where it has
     */
    public function __construct(
        public ?int $pressId,
        public ?int $lampId,
        public ?int $emulsionId,
        public string $pressMind,
    ) {
    }
}
