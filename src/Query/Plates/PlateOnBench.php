<?php

declare(strict_types=1);

namespace Ektype\App\Query\Plates;

use Ektype\Core\Choice\Holding;

/** A plate among the plates. */
final readonly class PlateOnBench
{
    /**
     * @param float|null      $inkDeltaE     how far its ink is from its colour; null without an ink
     * @param string          $meshText      the mesh that it is held against
     * @param float|null      $thickenedToMm lines are brought to this
     * @param DotsOnMesh|null $dots          of a plate that prints tones
     */
    public function __construct(
        public int $id,
        public ?float $inkDeltaE,
        public float $artAreaCm2,
        public bool $overprints,
        public string $meshText,
        public Holding $holding,
        public ?float $thickenedToMm,
        public ?DotsOnMesh $dots,
    ) {
    }
}
