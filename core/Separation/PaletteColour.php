<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;

/** One flat colour of the art, with the share of the picture that votes for it, 0–1. */
final readonly class PaletteColour
{
    public Lab $lab;

    public function __construct(public Srgb $colour, public float $share)
    {
        $this->lab = Lab::of($colour);
    }
}
