<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** A patch of the gain chart: its tone in per cent, and where its top left corner lies from that of the chart. */
final readonly class ChartPatch
{
    public function __construct(public int $tonePct, public int $copy, public float $xMm, public float $yMm)
    {
    }
}
