<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

/** How much of the printed area is seen to change, and by how much. */
final readonly class SeenChange
{
    /** @param float $changedPct by more than {@see PlateCost::SEEN_DELTA_E}, % */
    public function __construct(public float $changedPct, public float $meanDeltaE, public float $p95DeltaE)
    {
    }
}
