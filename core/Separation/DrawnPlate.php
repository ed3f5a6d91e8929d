<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Raster\BitPlane;

/** A plate drawn by hand, at film resolution, with the ink that it prints in. */
final readonly class DrawnPlate
{
    public function __construct(public GivenInk $ink, public BitPlane $plane)
    {
    }
}
