<?php

declare(strict_types=1);

namespace Ektype\Core\Choice;

/** The frames chosen for the plates of a job, and what is missing. */
final readonly class RackChoice
{
    /**
     * @param list<RackRow> $plates  in the order asked
     * @param list<string>  $missing plain sentences
     */
    public function __construct(public array $plates, public float $tensionSpreadNPerCm, public float $cost, public array $missing)
    {
    }
}
