<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\PatchReading;

/** A patch of a gain chart: its tone on film, and either how much of it was printed or its density. */
final readonly class PatchRead
{
    /**
     * @param float      $filmPct    its tone on film, %
     * @param float|null $printedPct how much of it was printed, %
     * @param float|null $density    instead of that, as a densitometer reads it
     */
    public function __construct(
        #[Within(0, 100, '%')]
        public float $filmPct,
        #[Within(-20, 120, '%')]
        public ?float $printedPct = null,
        #[Within(0, 5)]
        public ?float $density = null,
    ) {
    }

    public function reading(): PatchReading
    {
        return new PatchReading($this->filmPct / 100, $this->printedPct === null ? null : $this->printedPct / 100, $this->density);
    }
}
