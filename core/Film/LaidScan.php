<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

use Ektype\Core\Unit\Point;

/** How a scan lies on its plan: to = (re + im i)·from + shift, as complex numbers of millimetres. */
final readonly class LaidScan
{
    /** @param float $floorMm how far the worst mark is off afterwards */
    public function __construct(public float $re, public float $im, public Point $shift, public float $floorMm)
    {
    }

    public function scale(): float
    {
        return hypot($this->re, $this->im);
    }
}
