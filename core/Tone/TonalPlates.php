<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Laying;
use Ektype\Core\Plate\PlateRole;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Separation\DotsOfPlate;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\LaidInk;
use Ektype\Core\Separation\PlateArea;
use Ektype\Core\Separation\PrintedMap;
use Ektype\Core\Separation\SeparatedPlate;
use Ektype\Core\Separation\StrokeWidths;

/** Plates in dots as a job keeps them. */
final class TonalPlates
{
    /** A lighter ink than the garment stands for the light end of the picture, and a darker one for its dark end. */
    public const LIGHT_END = [255, 255, 255];
    public const DARK_END = [0, 0, 0];

    /** @param Srgb|null $stands for which end or ink of the picture it stands: by that a plate is known again; null for a base */
    public static function kept(TonePlate $plate, ?Srgb $stands, Laying $laying): SeparatedPlate
    {
        return new SeparatedPlate(
            $plate->ink->name,
            $plate->role,
            $plate->ink->colour,
            $stands,
            $plate->plane,
            PlateArea::of($plate->widthMm * $plate->heightMm / 1e4 * $plate->coveragePct()),
            ink: new LaidInk($plate->ink->name, $laying),
            strokes: StrokeWidths::none(),
            dots: new DotsOfPlate($plate->dots, $plate->dot, $plate->range),
            print: new PrintedMap(
                CoverageMap::ofTones($plate->tones, $plate->plane->width, $plate->plane->height),
                CoverageMap::ofTones($plate->tones, $plate->plane->width, $plate->plane->height, picked: true),
            ),
        );
    }

    /** A plate as it is looked at first. */
    public static function seen(ToneRaster $tones, GivenInk $ink, Srgb $stands): FirstPlate
    {
        return new FirstPlate(PlateRole::Colour, $ink->name, $ink->colour, $stands, $ink->name, CoverageMap::asTheyAre($tones), hiding: $ink->hiding);
    }
}
