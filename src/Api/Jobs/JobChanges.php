<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Request\UnreadableRequest;

/** What a page asks to be changed of a job. */
interface JobChanges
{
    /**
     * @return non-empty-list<Change>
     *
     * @throws UnreadableRequest where it names nothing
     */
    public function changes(int $job): array;
}
