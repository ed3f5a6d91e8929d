<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

/** Plates in print order, and what was decided on the way to them. */
final readonly class SpotResult
{
    /**
     * @param list<SeparatedPlate>                                                                             $plates
     * @param list<array{hex: string, share_pct: float, prints_as: string, left_open: bool, why_open: string}> $palette
     * @param list<array{stray: string, into: string, delta_e: float, area_pct: float}>                        $strays
     * @param list<string>                                                                                     $warnings plain sentences
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
    ) {
    }
}
