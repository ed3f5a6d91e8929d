<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Separation\ArtKind;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\NeighbourBudget;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrayShade;
use Ektype\Core\Separation\ThinPlace;
use Ektype\Core\Separation\WitnessSpot;

/** Plates in print order, and what was decided on the way to them. */
final readonly class SpotResult
{
    /** What the register budget of the whole job is, mm; null where no plates touch. */
    public ?float $budgetMm;

    /**
     * @param list<SeparatedPlate>  $plates
     * @param list<FoundColour>     $palette
     * @param list<StrayShade>      $strays
     * @param list<string>          $warnings  plain sentences
     * @param list<NeighbourBudget> $budget    how far neighbours may shift, tightest first
     * @param list<ThinPlace>       $thinBase  where the choke of the base was held back
     * @param list<WitnessSpot>     $witnesses spots to look at on every strike-off
     */
    public function __construct(
        public array $plates,
        public array $palette,
        public array $strays,
        public bool $groundLeftOpen,
        public array $warnings,
        public ArtKind $kind,
        public array $budget,
        public array $thinBase,
        public array $witnesses,
    ) {
        $this->budgetMm = $budget === [] ? null : $budget[0]->mm;
    }

    /** @param list<SeparatedPlate> $plates in print order */
    public function withPlates(array $plates): self
    {
        return new self(
            $plates,
            $this->palette,
            strays: $this->strays,
            groundLeftOpen: $this->groundLeftOpen,
            warnings: $this->warnings,
            kind: $this->kind,
            budget: $this->budget,
            thinBase: $this->thinBase,
            witnesses: $this->witnesses,
        );
    }
}
