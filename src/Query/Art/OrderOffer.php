<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

use Ektype\Core\Mix\OrderSchool;

/** An order of printing, and how near the print comes to the art in it. */
final readonly class OrderOffer
{
    /**
     * @param OrderSchool  $order  as listed for one that was found by looking
     * @param list<int>    $inks   of the shelf, in print order
     * @param list<string> $names  their names
     * @param float        $deltaE mean ΔE00 of the picture’s colours
     */
    public function __construct(public OrderSchool $order, public array $inks, public array $names, public float $deltaE)
    {
    }
}
