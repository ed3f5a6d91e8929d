<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\CoverageMap;

/** A plate as it lies on the print: where, in which colour, and how well it hides, 0–1. */
final readonly class PulledLayer
{
    public function __construct(public CoverageMap $coverage, public Srgb $ink, public float $hiding, public bool $transparent = false, public bool $isBase = false)
    {
    }
}
