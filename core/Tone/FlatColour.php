<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Srgb;

/** A colour that whole areas of a picture have and nothing near it, and its share of the picture, 0–1. */
final readonly class FlatColour
{
    public function __construct(public Srgb $colour, public float $share)
    {
    }
}
