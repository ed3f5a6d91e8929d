<?php

declare(strict_types=1);

namespace Ektype\Core\Unit;

/** A place, or a way, in millimetres. Which corner it starts from and which way up it counts is said where it is used. */
final readonly class Point
{
    public function __construct(public float $xMm, public float $yMm)
    {
    }

    public function length(): float
    {
        return hypot($this->xMm, $this->yMm);
    }

    public function to(self $other): float
    {
        return hypot($other->xMm - $this->xMm, $other->yMm - $this->yMm);
    }

    public function plus(self $way): self
    {
        return new self($this->xMm + $way->xMm, $this->yMm + $way->yMm);
    }

    public function minus(self $other): self
    {
        return new self($this->xMm - $other->xMm, $this->yMm - $other->yMm);
    }

    /** @param int $digits after the point, in millimetres */
    public function rounded(int $digits): self
    {
        return new self(round($this->xMm, $digits) + 0.0, round($this->yMm, $digits) + 0.0);
    }
}
