<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\StrikeOff;

/** Something printed on a drawn scan, and the square that it lies in, mm. */
final readonly class DrawnInk
{
    /**
     * @param \Closure(float, float): bool $covers
     * @param array{int, int, int}         $ink
     */
    public function __construct(public \Closure $covers, public array $ink, private float $x, private float $y, private float $reach)
    {
    }

    public function isNear(float $x, float $y, float $mm): bool
    {
        return abs($x - $this->x) < $this->reach + $mm && abs($y - $this->y) < $this->reach + $mm;
    }
}
