<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;

/** A plate of the first pull, at the size of the screen. */
final readonly class FirstPlate
{
    /**
     * @param Srgb|null            $art         the colour of the art; null for a base of its own
     * @param string               $ink         of the shelf that its colour was given; empty where none was
     * @param BitPlane|CoverageMap $seen        where it prints; how much, for one that prints tones
     * @param float|null           $hiding      of its ink as it is laid down; null for what the shelf tells
     * @param bool                 $transparent whether what lies below shines through
     */
    public function __construct(
        public PlateRole $role,
        public string $name,
        public Srgb $colour,
        public ?Srgb $art,
        public string $ink,
        public BitPlane|CoverageMap $seen,
        public ?float $hiding = null,
        public bool $transparent = false,
    ) {
    }
}
