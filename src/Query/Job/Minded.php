<?php

declare(strict_types=1);

namespace Ektype\App\Query\Job;

/** What must be minded at a stage, and what it means. */
final readonly class Minded
{
    public function __construct(public string $stage, public string $says)
    {
    }
}
