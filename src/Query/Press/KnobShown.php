<?php

declare(strict_types=1);

namespace Ektype\App\Query\Press;

/** A knob as the corrections on record have shown it; it differs where its profile says otherwise. */
final readonly class KnobShown
{
    public function __construct(public string $name, public float $mmPerTurn, public float $reachMm, public float $playMm, public int $corrections, public string $says, public bool $differs)
    {
    }
}
