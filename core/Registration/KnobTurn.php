<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** How far to turn a knob. */
final readonly class KnobTurn
{
    public function __construct(public string $knob, public float $turns)
    {
    }
}
