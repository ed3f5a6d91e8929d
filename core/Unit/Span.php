<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/** From one number up to another, in the unit that is said where it is used. */
final readonly class Span
{
    public function __construct(public float $from, public float $to)
    {
    }

    /** @param float $share 0 at the start, 1 at the end */
    public function at(float $share): float
    {
        return $this->from + $share * ($this->to - $this->from);
    }
}
