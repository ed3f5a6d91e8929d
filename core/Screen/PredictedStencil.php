<?php

declare(strict_types=1);

namespace Ektype\Core\Screen;

/** Emulsion over mesh with its 90 % interval, µm, and what else follows from it. */
final readonly class PredictedStencil
{
    /**
     * @param int         $restsOn how many gauge readings of this shop
     * @param list<float> $leftOut readings of this emulsion that cannot be true beside the others, µm
     */
    public function __construct(
        public float $eomUm,
        public float $lowUm,
        public float $highUm,
        public float $thicknessUm,
        public float $shareOfFabricPct,
        public int $restsOn,
        public array $leftOut = [],
    ) {
    }
}
