<?php

declare(strict_types=1);

namespace Ektype\App\Query\Pictures;

use Ektype\Core\Unit\Point;

/** A plate laid out of register: shifted right and down, turned clockwise about the middle of the print. */
final readonly class PlateOff
{
    public function __construct(public int $plateId, public Point $shift, public float $turnDeg)
    {
    }
}
