<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** A shift at the centre of the print and a turn, radians anticlockwise: what a press can mend. */
final readonly class RigidMove
{
    public function __construct(public float $xMm, public float $yMm, public float $turnRad)
    {
    }

    public function back(): self
    {
        return new self(-$this->xMm, -$this->yMm, -$this->turnRad);
    }
}
