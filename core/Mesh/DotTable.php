<?php

declare(strict_types=1);

namespace Ektype\Core\Mesh;

/** The spectrum of round dots of one radius, each order reckoned once. */
final class DotTable
{
    /** @var array<int, float> by the square of the order */
    private array $known = [];

    /** @param float $radius in cells */
    public function __construct(private readonly float $radius)
    {
    }

    public function of(int $k, int $l): float
    {
        return $this->known[$k * $k + $l * $l] ??= DotSpectrum::dots($this->radius, sqrt($k * $k + $l * $l));
    }
}
