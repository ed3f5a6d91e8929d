<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Unit\Refusal;

/**
 * Decodes a PNG or JPEG to sRGB over the garment's colour. Ordinary pictures go the fast way; a picture larger than
 * the machine's own picture policy allows goes in bands, slower, so that no second whole copy is held.
 */
final class ArtDecoder
{
    private const BAND_ROWS = 512;
    private const FAST_PIXELS = 64_000_000;
    private const FAST_SIDE = 16_000;

    /** @throws Refusal where the picture is damaged or cut short */
    public static function over(ArtFile $file, Srgb $garment): ArtRaster
    {
        if ($file->kind === 'svg') {
            throw new \LogicException('An SVG is drawn to pixels first.');
        }
        if ($file->width * $file->height <= self::FAST_PIXELS && max($file->width, $file->height) <= self::FAST_SIDE) {
            return self::atOnce($file, $garment);
        }

        return self::inBands($file, $garment);
    }

    private static function atOnce(ArtFile $file, Srgb $garment): ArtRaster
    {
        try {
            $picture = new \Imagick();
            $picture->readImage($file->kind.':'.$file->path);
            if ($picture->getImageColorspace() === \Imagick::COLORSPACE_CMYK) {
                $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            }
            $seeThrough = $picture->getImageAlphaChannel() && $picture->getImageChannelMean(\Imagick::CHANNEL_ALPHA)['mean'] < 0.999 * \Imagick::getQuantumRange()['quantumRangeLong'];
            $picture->setImageBackgroundColor(new \ImagickPixel($garment->hex()));
            $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
            $picture->setImageDepth(8);
            $picture->setImageFormat('RGB');
            $rgb = $picture->getImageBlob();
            $picture->clear();
        } catch (\ImagickException) {
            throw self::damaged();
        }
        if (\strlen($rgb) !== $file->width * $file->height * 3) {
            throw self::damaged();
        }

        return new ArtRaster($file->width, $file->height, $rgb, $seeThrough, $file->kind === 'jpeg');
    }

    private static function damaged(): Refusal
    {
        return Refusal::at('art', 'The picture breaks off or is damaged, so part of the print would be missing. Save or copy it again and bring the whole file.');
    }

    private static function inBands(ArtFile $file, Srgb $garment): ArtRaster
    {
        $picture = self::open($file);
        $seeThrough = self::isSeeThrough($picture);
        $rows = [];
        for ($y = 0; $y < $file->height; $y += self::BAND_ROWS) {
            $height = min(self::BAND_ROWS, $file->height - $y);
            $band = imagecreatetruecolor(max(1, $file->width), max(1, $height));
            if ($band === false) {
                throw Refusal::at('art', 'There is not enough memory to open this picture. Scale it down to the size it will print at 300 to 600 ppi.');
            }
            imagealphablending($band, true);
            imagefilledrectangle($band, 0, 0, $file->width, $height, (int) imagecolorallocate($band, self::byte($garment->red), self::byte($garment->green), self::byte($garment->blue)));
            imagecopy($band, $picture, 0, 0, 0, $y, $file->width, $height);
            ob_start();
            imagepng($band, null, 0);
            $rows[] = PngFile::rgbRows((string) ob_get_clean(), $file->width);
        }

        return new ArtRaster($file->width, $file->height, implode('', $rows), $seeThrough, $file->kind === 'jpeg');
    }

    private static function open(ArtFile $file): \GdImage
    {
        $complaint = '';
        $ignore = \ini_get('gd.jpeg_ignore_warning');
        ini_set('gd.jpeg_ignore_warning', '0');
        set_error_handler(static function (int $level, string $message) use (&$complaint): bool {
            $complaint = $message;

            return true;
        });
        try {
            $picture = $file->kind === 'png' ? imagecreatefrompng($file->path) : imagecreatefromjpeg($file->path);
        } finally {
            restore_error_handler();
            ini_set('gd.jpeg_ignore_warning', (string) $ignore);
        }
        if ($picture === false || $complaint !== '') {
            throw self::damaged();
        }
        imagepalettetotruecolor($picture);

        return $picture;
    }

    /** Looks at a grid of pixels: enough to say whether the ground was cut out. */
    private static function isSeeThrough(\GdImage $picture): bool
    {
        $width = imagesx($picture);
        $height = imagesy($picture);
        $step = max(1, (int) sqrt($width * $height / 40000));
        for ($y = 0; $y < $height; $y += $step) {
            for ($x = 0; $x < $width; $x += $step) {
                if ((((int) imagecolorat($picture, $x, $y)) >> 24) > 63) {
                    return true;
                }
            }
        }

        return false;
    }

    /** @return int<0, 255> */
    private static function byte(int $channel): int
    {
        return max(0, min(255, $channel));
    }
}
