<?php

declare(strict_types=1);

namespace Ektype\App\Query\Run;

use Ektype\Core\Separation\WitnessSpot;

/** What the work order says besides the strips of the plates. */
final readonly class RunBench
{
    /** @param list<WitnessSpot> $witnesses */
    public function __construct(public array $witnesses)
    {
    }
}
