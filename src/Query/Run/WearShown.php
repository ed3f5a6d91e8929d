<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Cure\WearTest;

/** A print that was stretched or washed. */
final readonly class WearShown
{
    public function __construct(public int $id, public WearTest $test)
    {
    }
}
