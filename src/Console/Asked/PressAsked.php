<?php

declare(strict_types=1);

namespace Ektype\App\Console\Asked;

use Ektype\App\Request\Within;
use Ektype\Core\Screen\Tension;
use Symfony\Component\Validator\Constraints as Assert;

/** A press by its knobs. */
final readonly class PressAsked
{
    /**
     * @param list<KnobAsked> $knobs
     * @param float|null      $tensionNPerCm of the plate’s frame, and of the key’s: what may explain growth
     * @param float|null      $scatterMm     of loading from print to print, each way, as the shop knows it
     */
    public function __construct(
        #[Assert\Valid]
        public array $knobs = [],
        #[Within(0, 5, 'mm')]
        public ?float $scatterMm = null,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public ?float $tensionNPerCm = null,
        #[Within(2, 60, 'N/cm')]
        public ?float $keyTensionNPerCm = null,
    ) {
    }
}
