<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\Srgb;

/** A colour of a picture, its share of it, 0–1, and how far off it prints, ΔE00. */
final readonly class ColourShare
{
    public function __construct(public Srgb $colour, public float $share, public float $deltaE = 0.0)
    {
    }
}
