<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Raster\ToneRaster;

/** Takes a picture to tones: white is bare, black is all ink. A colour counts by its luma, what is see-through is bare. */
final class ToneDecoder
{
    /** A size so near is reached by leaving out or repeating a few rows: no tone moves by half its own place. */
    private const NEARLY = 0.01;

    /**
     * @param int $width  tones asked for
     * @param int $height tones asked for
     *
     * @throws UnreadableArt where it is a drawing, or cannot be opened
     */
    public static function of(ArtFile $file, int $width, int $height): ToneRaster
    {
        if ($file->kind === 'svg') {
            throw UnreadableArt::at('art', 'A drawing has its colours named and is separated by them; dots are for pictures of pixels. Save it as PNG at the size it will print.');
        }
        try {
            $picture = new \Imagick();
            $picture->readImage($file->kind.':'.$file->path.'[0]');
            ArtDecoder::upright($picture, $file->orientation);
            if ($picture->getImageAlphaChannel()) {
                $picture->setImageBackgroundColor(new \ImagickPixel('white'));
                $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
            }
            if ($picture->getImageColorspace() !== \Imagick::COLORSPACE_GRAY) {
                $picture->transformImageColorspace(\Imagick::COLORSPACE_GRAY);
            }
            $grey = self::grey($picture, $width, $height);
            $picture->clear();
        } catch (\ImagickException) {
            throw UnreadableArt::at('art', 'The picture breaks off or is damaged, so part of the print would be missing. Save or copy it again and bring the whole file.');
        }

        $greys = implode('', array_map(\chr(...), range(0, 255)));

        return new ToneRaster($width, $height, strtr($grey, $greys, strrev($greys)));
    }

    private static function grey(\Imagick $picture, int $width, int $height): string
    {
        [$x, $y] = [$width / $picture->getImageWidth(), $height / $picture->getImageHeight()];
        if (max(abs($x - 1), abs($y - 1)) > self::NEARLY) {
            $picture->resizeImage($width, $height, \Imagick::FILTER_TRIANGLE, 1);
        } elseif ($x !== 1.0 || $y !== 1.0) {
            $picture->sampleImage($width, $height);
        }
        $picture->setImageDepth(8);
        $picture->setImageFormat('GRAY');

        return $picture->getImageBlob();
    }
}
