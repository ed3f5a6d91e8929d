<?php

declare(strict_types=1);

namespace Ektype\App\Api\Jobs;

use Ektype\App\Action\Change;
use Ektype\App\Request\UnreadableRequest;

/** A change names something. */
final class Named
{
    /**
     * @param list<Change> $changes
     *
     * @return non-empty-list<Change>
     *
     * @throws UnreadableRequest where it names nothing
     */
    public static function some(array $changes): array
    {
        return $changes === [] ? throw UnreadableRequest::because('The change names no field of the job, so nothing was changed.') : $changes;
    }
}
