<?php

declare(strict_types=1);

namespace Ektype\App\Query\Art;

/** A patch of a gain chart: its tone on film, and how much of it was printed, %. */
final readonly class ChartTone
{
    public function __construct(public float $filmPct, public float $printedPct)
    {
    }
}
