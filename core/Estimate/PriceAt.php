<?php

declare(strict_types=1);

namespace Ektype\Core\Estimate;

/** The price of so many pieces. */
final readonly class PriceAt
{
    public function __construct(public int $pieces, public int $eachCents, public int $totalCents)
    {
    }
}
