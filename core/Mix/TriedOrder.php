<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

/** An order of printing, and how near the print comes to the art in it. */
final readonly class TriedOrder
{
    /**
     * @param OrderSchool $school AsListed for one that was found by looking
     * @param list<int>   $inks   numbers of the colours on the shelf, in print order
     * @param float       $deltaE mean ΔE00 of the picture’s colours
     */
    public function __construct(public OrderSchool $school, public array $inks, public float $deltaE)
    {
    }
}
