<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

/** How much a part of the print changes, ΔE00, and its share of the print, 0–1. */
final readonly class SeenStep
{
    public function __construct(public float $deltaE, public float $share)
    {
    }
}
