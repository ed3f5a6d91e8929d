<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;

/** A plate of the first pull, at the size of the screen. */
final readonly class FirstPlate
{
    /**
     * @param Srgb|null $art the colour of the art; null for a base of its own
     * @param string    $ink of the shelf that its colour was given; empty where none was
     */
    public function __construct(
        public PlateRole $role,
        public string $name,
        public Srgb $colour,
        public ?Srgb $art,
        public string $ink,
        public BitPlane $plane,
    ) {
    }
}
