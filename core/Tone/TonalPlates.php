<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\DotsOfPlate;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrokeWidths;

/** Plates in dots as a job keeps them. */
final class TonalPlates
{
    /**
     * @param Srgb|null $stands for which end or ink of the picture it stands: by that a plate is known again; null for a base
     * @param string    $why    it prints at its place
     */
    public static function kept(TonePlate $plate, ?Srgb $stands, Laying $laying, string $why, bool $flash, string $whyFlash): SeparatedPlate
    {
        $cm2 = $plate->widthMm * $plate->heightMm / 1e4 * $plate->coveragePct();

        return new SeparatedPlate(
            $plate->ink->name,
            $plate->role,
            $plate->ink->colour,
            $stands,
            $plate->plane,
            $cm2,
            $cm2,
            $why,
            $flash,
            $whyFlash,
            $plate->ink->name,
            false,
            StrokeWidths::none(),
            new DotsOfPlate(
                $plate->dots,
                $plate->dot,
                $plate->range,
                CoverageMap::ofTones($plate->tones, $plate->plane->width, $plate->plane->height),
                CoverageMap::ofTones($plate->tones, $plate->plane->width, $plate->plane->height, picked: true),
                $laying,
            ),
        );
    }
}
