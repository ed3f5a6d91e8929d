<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\BitPlane;

/** One plate at film resolution, before marks and label. */
final readonly class SeparatedPlate
{
    public float $coveragePct;

    /**
     * @param string $orderReason why it prints at this place
     * @param bool   $flashAfter  whether it is flashed before the next plate
     */
    public function __construct(
        public string $name,
        public PlateRole $role,
        public Srgb $colour,
        public BitPlane $plane,
        public float $areaCm2,
        public string $orderReason,
        public bool $flashAfter,
        public string $flashReason,
        public ?float $finestLineMm,
    ) {
        $this->coveragePct = 100 * $plane->count() / ($plane->width * $plane->height);
    }
}
