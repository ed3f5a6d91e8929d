<?php

declare(strict_types=1);

namespace Ektype\App\Work\Scan;

use Ektype\Core\Film\WeakPlace;

/** What was seen on the scan of a drawn plate. */
final readonly class LookedScan
{
    /** @param list<WeakPlace> $weak where its black is too weak */
    public function __construct(public int $marks, public array $weak)
    {
    }
}
