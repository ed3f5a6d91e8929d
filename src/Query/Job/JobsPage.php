<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** Some of the jobs, in the order in which they hang: open ones by the day on which they are due, then the finished pile. */
final readonly class JobsPage
{
    /**
     * @param list<JobOnShelf> $jobs  of this page
     * @param int              $page  from 1
     * @param int              $found that were looked for, on all pages
     * @param int              $all   in the shop
     */
    public function __construct(public array $jobs, public int $page, public int $found, public int $all)
    {
    }
}
