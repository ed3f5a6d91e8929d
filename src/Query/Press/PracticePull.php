<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** A pull on the virtual press. */
final readonly class PracticePull
{
    /**
     * @param int                 $pulls      made, this one among them
     * @param list<PracticePlate> $plates     but the key
     * @param int                 $solvers    pulls that the solver’s turns would have taken; 0 where it takes more than twelve
     * @param bool                $inRegister whether all plates truly are
     */
    public function __construct(public int $pulls, public array $plates, public float $toleranceMm, public int $solvers, public bool $inRegister)
    {
    }
}
