<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What is to be done about a job, and what is under way. */
final readonly class NowOfJob
{
    /**
     * @param JobTask|null $task  work that is under way or has failed
     * @param list<Minded> $minds what must be minded at which stage: what a change made old, ink that hardly shows on the cloth
     */
    public function __construct(
        public NextStep $next,
        public ?JobTask $task,
        public array $minds,
    ) {
    }
}
