<?php

declare(strict_types=1);

namespace Ektype\App\Work\Films;

use Ektype\Core\Separation\Plan;

/** The plan that a new picture opens in. */
final readonly class OpenedIn
{
    /** @param string $missing what the shelf cannot show of it, in a sentence; empty for nothing */
    public function __construct(public Plan $plan, public string $missing = '')
    {
    }
}
