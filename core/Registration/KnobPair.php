<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** A knob that was turned, and how far the frame moved at it, along the way it pushes. */
final readonly class KnobPair
{
    public function __construct(public float $turns, public float $movedMm)
    {
    }
}
