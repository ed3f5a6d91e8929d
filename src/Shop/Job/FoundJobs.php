<?php

declare(strict_types=1);

namespace Ektype\App\Shop\Job;

/** A page of the jobs that were looked for. */
final readonly class FoundJobs
{
    public const A_PAGE = 50;

    /**
     * @param list<Job> $jobs of the page
     * @param int       $all  that were found, on all pages
     */
    public function __construct(public array $jobs, public int $all)
    {
    }
}
