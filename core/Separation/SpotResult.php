<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** Plates in print order, and what was decided on the way to them. */
final readonly class SpotResult
{
    /** What the register budget of the whole job is, mm; null where no plates touch. */
    public ?float $budgetMm;

    /**
     * @param list<SeparatedPlate>                                                                             $plates
     * @param list<array{hex: string, share_pct: float, prints_as: string, left_open: bool, why_open: string}> $palette
     * @param list<array{stray: string, into: string, delta_e: float, area_pct: float}>                        $strays
     * @param list<string>                                                                                     $warnings  plain sentences
     * @param list<array{one: string, two: string, mm: float}>                                                 $budget    how far neighbours may shift, tightest first
     * @param list<ThinPlace>                                                                                  $thinBase  where the choke of the base was held back
     * @param list<array{x_mm: float, y_mm: float, plates: int}>                                               $witnesses spots to look at on every strike-off
     */
    public function __construct(
        public float $widthMm,
        public float $heightMm,
        public float $dpi,
        public float $ppi,
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
        $this->budgetMm = $budget === [] ? null : $budget[0]['mm'];
    }
}
