<?php

declare(strict_types=1);

namespace Ektype\Core\Ink;

/**
 * What cures an ink: through the whole film from one heat to another, for so long, and the water that must be gone first. Trade
 * defaults; the sheet of the ink decides.
 */
final readonly class CureNeed
{
    /**
     * @param float $leastC below it the film cracks and washes off
     * @param float $mostC  above it it scorches or goes brittle
     * @param float $holdS  at leastC or more
     * @param float $water  share of the wet film that is water, 0–1
     */
    public function __construct(public float $leastC, public float $wishedC, public float $mostC, public float $holdS, public float $water = 0.0)
    {
    }

    public static function plastisol(): self
    {
        return new self(150.0, 160.0, 175.0, 5.0);
    }

    public static function waterBased(): self
    {
        return new self(145.0, 155.0, 170.0, 90.0, 0.5);
    }
}
