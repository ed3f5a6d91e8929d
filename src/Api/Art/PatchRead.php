<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;

/** A patch of a gain chart. */
final readonly class PatchRead
{
    /**
     * @param float $filmPct    its tone on film, %
     * @param float $printedPct how much of it was printed, %
     */
    public function __construct(#[Within(0, 100, '%')] public float $filmPct, #[Within(-20, 120, '%')] public float $printedPct)
    {
    }
}
