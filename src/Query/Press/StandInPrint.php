<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

use Ektype\App\Shop\Plate\OnStandIn;

/** A strike-off that the stand-in printed and scanned. */
final readonly class StandInPrint
{
    /** @param array<int, OnStandIn> $first of the plates that it had not printed before */
    public function __construct(public StrikeOffSeen $seen, public array $first)
    {
    }
}
