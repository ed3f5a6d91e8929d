<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Method\Spot\SpotMethod;
use Ektype\Core\Method\Spot\SpotPlan;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\PrintWanted;
use Ektype\Core\Separation\PulledLayer;
use Ektype\Core\Separation\PulledPrint;
use Ektype\Core\Tone\TonalArt;

/** What spot plates would print of a picture, small. */
final readonly class SpotPicture
{
    private const TONAL_SIDE = 200;

    /**
     * @param float $sinks how much of its hiding an ink loses straight on the substrate, 0–1
     *
     * @return array{\Imagick, list<FirstPlate>}
     *
     * @throws \Ektype\Core\Unit\Refusal where nothing would print
     */
    public function of(SpotPlan $plan, ArtRaster $art, PrintWanted $whole, float $sinks): array
    {
        // Colours of a picture in tones are many: they are looked for on a smaller one.
        $small = TonalArt::isOne($art) ? SmallArt::sized($art, self::TONAL_SIDE) : $art;
        // Two film pixels for each of the picture: its edges are seen no finer.
        $print = $whole->bare(2 * 25.4 * $small->width / $whole->widthMm);
        $first = (new SpotMethod())->first($plan, new OnlyArt($small), $print);
        $layers = [];
        foreach ($first as $plate) {
            $map = $plate->seen instanceof BitPlane ? CoverageMap::fine($plate->seen) : $plate->seen;
            $layers[] = new PulledLayer($map, $plate->colour, Hiding::WISHED);
        }
        $picture = new \Imagick();
        if ($layers === []) {
            $picture->newImage($art->width, $art->height, new \ImagickPixel($whole->garment->hex()));

            return [$picture, []];
        }
        $map = $layers[0]->coverage;
        $picture->readImageBlob(PngFile::ofRgba($map->width, $map->height, PulledPrint::rgba($whole->garment, $layers, $sinks)), 'print.png');
        $picture->setImageBackgroundColor(new \ImagickPixel($whole->garment->hex()));
        $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $picture->resizeImage($art->width, $art->height, \Imagick::FILTER_BOX, 1);

        return [$picture, $first];
    }
}
