<?php

declare(strict_types=1);

namespace Ektype\App\Api\Hand;

use Ektype\App\Query\Hand\OfHand;

/** What was taken back or done again just now, and what can be next. */
final readonly class HandDid
{
    public function __construct(public string $what, public OfHand $next)
    {
    }
}
