<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\CoverageMap;

/** How much of each place a plate prints, the gain of the press included. */
final readonly class PrintedMap
{
    /** @param CoverageMap|null $picked the same of dots, a single tone for each place */
    public function __construct(public CoverageMap $cover, public ?CoverageMap $picked = null)
    {
    }
}
