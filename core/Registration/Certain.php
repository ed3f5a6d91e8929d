<?php

declare(strict_types=1);

namespace Ektype\Core\Registration;

/** Which shares of a misfit it certainly helps to mend, 0 to 1: the lesser of the shift’s two ways, and the turn’s. */
final readonly class Certain
{
    public function __construct(public float $shift, public float $turn)
    {
    }

    public function least(): float
    {
        return min($this->shift, $this->turn);
    }
}
