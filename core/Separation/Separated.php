<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** The plates of a job in print order, and what was found on the way to them. */
final readonly class Separated
{
    /** @param list<SeparatedPlate> $plates */
    public function __construct(public array $plates, public Findings $findings)
    {
    }
}
