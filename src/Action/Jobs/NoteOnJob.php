<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Action\ShopFloor;

/** What else the order says, in the printer’s words. */
final readonly class NoteOnJob implements Change
{
    public function __construct(private int $jobId, private string $notes)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $job = $shop->jobs->get($this->jobId);
        $job->notes = trim($this->notes);

        return 'Notes of '.$job->name;
    }
}
