<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;

/** An ink of a print with the area that the art has of it. */
final readonly class InkArea
{
    public function __construct(public string $name, public Srgb $colour, public float $areaCm2)
    {
    }
}
