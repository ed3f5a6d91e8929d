<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;

/** Where a method gets the art from: opened when it is asked for, and no sooner. */
interface ArtSource
{
    /** @param bool $asItIs with its grain, for tones */
    public function raster(PrintWanted $print, bool $asItIs = false): ArtRaster;

    /** @return non-empty-list<DrawnPlate> */
    public function drawn(): array;

    /** @return list<DrawnPlate> plates that were drawn by hand for this art, whatever it is separated by */
    public function positives(): array;
}
