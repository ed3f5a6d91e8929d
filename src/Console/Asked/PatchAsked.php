<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Halftone\MurrayDavies;
use Ektype\Core\Halftone\ReadTone;
use Ektype\Core\Halftone\UnusableGain;

/** A patch: its tone on film, and either how much was printed or its density. */
final readonly class PatchAsked
{
    public function __construct(
        #[Within(0, 100, '%')]
        public float $tone,
        public ?float $printed = null,
        public ?float $density = null,
    ) {
    }

    public function tone(?float $bare, ?float $solid): ReadTone
    {
        if ($this->printed !== null) {
            return new ReadTone($this->tone / 100, $this->printed / 100);
        }
        if ($this->density === null) {
            throw UnusableGain::at('printed', 'The patch has neither “printed” in per cent nor “density”. Give one of them.');
        }
        if ($bare === null || $solid === null) {
            throw UnusableGain::at('solid_density', 'Densities need those of the bare cloth and of the solid beside them: give “bare_density” and “solid_density”.');
        }

        return new ReadTone($this->tone / 100, MurrayDavies::printed($this->density, $bare, $solid));
    }
}
