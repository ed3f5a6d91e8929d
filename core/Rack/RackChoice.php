<?php

declare(strict_types=1);

namespace Ektype\Core\Rack;

/** The frames chosen for the plates of a job, what must be done to them first, and what is missing. */
final readonly class RackChoice
{
    /**
     * @param list<array{plate: string, frame: string|null, why: string, first: list<string>}> $plates  in the order asked
     * @param list<string>                                                                     $missing plain sentences
     */
    public function __construct(public array $plates, public float $tensionSpreadNPerCm, public float $cost, public array $missing)
    {
    }
}
