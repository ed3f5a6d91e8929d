<?php

declare(strict_types=1);

namespace Ektype\App\Api\Art;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\MurrayDavies;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Halftone\UnusableGain;

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

    /** @throws UnusableGain where it has neither, or solid and cloth are one */
    public function tone(?float $bare, ?float $solid): ReadTone
    {
        if ($this->printedPct !== null) {
            return new ReadTone($this->filmPct / 100, $this->printedPct / 100);
        }
        if ($this->density === null) {
            throw UnusableGain::at('printed', \sprintf('The patch of %.0f %% has neither a tone nor a density. Read it, or leave it out.', $this->filmPct));
        }
        if ($bare === null || $solid === null) {
            throw UnusableGain::at('solid_density', 'Densities need those of the bare cloth and of the solid beside them: read both.');
        }

        return new ReadTone($this->filmPct / 100, MurrayDavies::printed($this->density, $bare, $solid));
    }
}
