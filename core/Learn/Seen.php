<?php

declare(strict_types=1);

namespace Ektype\Core\Learn;

/** A sum of coefficients as it was seen: a value with its error, or a bound. */
final readonly class Seen
{
    /**
     * @param array<int, float> $row     coefficient => factor
     * @param bool|null         $isAbove of a bound: whether the sum lies above it; null for a value
     */
    public function __construct(public array $row, public float $value, public float $sd, public ?bool $isAbove = null)
    {
    }
}
