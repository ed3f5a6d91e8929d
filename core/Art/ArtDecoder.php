<?php

declare(strict_types=1);

namespace Ektype\Core\Art;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Colour\SrgbProfile;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Unit\Refusal;

/**
 * Decodes a PNG, JPEG, TIFF or WebP to sRGB over the garment's colour. Ordinary pictures go the fast way; a picture larger than
 * the machine's own picture policy allows goes in bands, slower, so that no second whole copy is held.
 */
final class ArtDecoder
{
    private const BAND_ROWS = 512;
    private const FAST_PIXELS = 64_000_000;
    private const FAST_SIDE = 16_000;
    /** Where the green of even the quieter squares of 3 × 3 pixels varies by this much of 255, it is grain (heuristic). */
    private const RESTLESS = 8;
    private const CALM_SAMPLES = 600;
    private const GRID = 200;
    private const CALM_PIXELS = 5;

    /**
     * @param bool $asItIs grain and all, and with what covers how much: for a picture that is printed in tones
     *
     * @throws UnreadableArt where the picture is damaged or cut short
     */
    public static function over(ArtFile $file, Srgb $garment, ?ArtFraming $framing = null, bool $asItIs = false): ArtRaster
    {
        $framing ??= new ArtFraming();
        if ($file->kind === 'svg') {
            throw new \LogicException('An SVG is drawn to pixels first.');
        }
        if ($file->width * $file->height <= self::FAST_PIXELS && max($file->width, $file->height) <= self::FAST_SIDE) {
            return self::atOnce($file, $garment, $framing, $asItIs);
        }
        if ($file->kind === 'tiff') {
            throw UnreadableArt::at('art', \sprintf('A TIFF of %d × %d pixels is more than can be opened at once (64 megapixels, 16,000 a side). Scale it down to the size it will print at 300 to 600 ppi, or save it as PNG.', $file->width, $file->height));
        }

        return self::inBands($file, $garment, $framing);
    }

    private static function atOnce(ArtFile $file, Srgb $garment, ArtFraming $framing, bool $asItIs): ArtRaster
    {
        $remarks = $file->remarks;
        try {
            $picture = new \Imagick();
            $picture->readImage($file->kind.':'.$file->path.'[0]');
            self::upright($picture, $file->orientation);
            self::intoSrgb($picture, $remarks);
            if ($asItIs && $picture->getImageColorspace() === \Imagick::COLORSPACE_GRAY && !$picture->getImageAlphaChannel() && $framing->isWhole()) {
                return self::greyAllOver($picture, $file, $remarks);
            }
            $seeThrough = $picture->getImageAlphaChannel() && self::hasClearParts($picture);
            if ($picture->getImageColorspace() !== \Imagick::COLORSPACE_SRGB) {
                $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            }
            // A grey picture would make the garment grey as well.
            $picture->setImageType($picture->getImageAlphaChannel() ? \Imagick::IMGTYPE_TRUECOLORMATTE : \Imagick::IMGTYPE_TRUECOLOR);
            $background = new \ImagickPixel($garment->hex());
            $alpha = $asItIs && $seeThrough ? self::covering($picture, $framing) : null;
            $picture->setImageBackgroundColor($background);
            $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
            self::frame($picture, $framing, $background);
            $width = $picture->getImageWidth();
            $height = $picture->getImageHeight();
            $calmed = !$asItIs && self::isRestless($picture);
            if ($calmed) {
                $picture->statisticImage(\Imagick::STATISTIC_MEDIAN, self::CALM_PIXELS, self::CALM_PIXELS);
                $remarks[] = 'The picture is grainy, as a photograph or a scan is; its grain was calmed before the colours were read. Details under about '.self::CALM_PIXELS.' pixels may be lost: bring a drawn file where there is one.';
            }
            $picture->setImageDepth(8);
            $picture->setImageFormat('RGB');
            $rgb = $picture->getImageBlob();
            $picture->clear();
        } catch (\ImagickException) {
            throw self::damaged();
        }
        if (\strlen($rgb) !== $width * $height * 3) {
            throw self::damaged();
        }

        return new ArtRaster($width, $height, $rgb, $seeThrough, $file->kind === 'jpeg' || $calmed, $remarks, alpha: $alpha, calmed: $calmed);
    }

    /**
     * A grey picture that is taken to tones needs no colours: a third of the work.
     *
     * @param list<string> $remarks
     */
    private static function greyAllOver(\Imagick $picture, ArtFile $file, array $remarks): ArtRaster
    {
        [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $picture->setImageDepth(8);
        $picture->setImageFormat('GRAY');
        $grey = $picture->getImageBlob();
        $picture->clear();
        if (\strlen($grey) !== $width * $height) {
            throw self::damaged();
        }
        // Each byte and two blank ones, as one long number: times 0x010101 it stands in all three.
        $rgb = Bits::inOrder(Bits::unordered(chunk_split($grey, 1, "\0\0")) * 0x010101, 3 * $width * $height);

        return new ArtRaster($width, $height, $rgb, false, $file->kind === 'jpeg', $remarks, grey: $grey);
    }

    /** @return string how much each pixel covers, a byte a pixel */
    private static function covering(\Imagick $picture, ArtFraming $framing): string
    {
        $alpha = clone $picture;
        $alpha->setImageAlphaChannel(\Imagick::ALPHACHANNEL_EXTRACT);
        self::frame($alpha, $framing, new \ImagickPixel('black'));
        $alpha->setImageDepth(8);
        $alpha->setImageFormat('GRAY');

        return $alpha->getImageBlob();
    }

    /** Looks at a grid of pixels: the mean of the alpha channel means one thing or its opposite by version. */
    private static function hasClearParts(\Imagick $picture): bool
    {
        $small = clone $picture;
        $small->sampleImage(min(self::GRID, $picture->getImageWidth()), min(self::GRID, $picture->getImageHeight()));
        foreach ($small->exportImagePixels(0, 0, $small->getImageWidth(), $small->getImageHeight(), 'A', \Imagick::PIXEL_CHAR) as $alpha) {
            if ($alpha < 128) {
                return true;
            }
        }

        return false;
    }

    public static function upright(\Imagick $picture, Orientation $orientation): void
    {
        if ($orientation->isMirrored()) {
            $picture->flopImage();
        }
        if ($orientation->turn() !== 0) {
            $picture->rotateImage(new \ImagickPixel('none'), $orientation->turn());
            $picture->setImagePage(0, 0, 0, 0);
        }
    }

    /** @param list<string> $remarks */
    private static function intoSrgb(\Imagick $picture, array &$remarks): void
    {
        $cmyk = $picture->getImageColorspace() === \Imagick::COLORSPACE_CMYK;
        $profile = $picture->getImageProfiles('icc', true)['icc'] ?? null;
        if (\is_string($profile) && $profile !== '') {
            try {
                if (substr($profile, 36, 4) !== 'acsp') {
                    throw new \ImagickException('no profile');
                }
                $picture->profileImage('icc', SrgbProfile::bytes());

                return;
            } catch (\ImagickException) {
                $picture->removeImageProfile('icc');
                $remarks[] = 'The colour profile in the picture is damaged and was left out: its colours may stand a little off on screen. Plates and inks are not touched by that; pick the inks by eye, or save the picture again as sRGB.';
            }
        } elseif ($cmyk) {
            $remarks[] = 'The picture is in CMYK without a colour profile, so its colours are a guess on screen. The plates are right wherever the colours differ; pick the inks by eye, or save the picture again as sRGB or with its profile.';
        }
        if ($cmyk) {
            $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
        }
    }

    private static function frame(\Imagick $picture, ArtFraming $framing, \ImagickPixel $background): void
    {
        if ($framing->width < 0.9999 || $framing->height < 0.9999) {
            [$x, $y, $width, $height] = self::part($framing, $picture->getImageWidth(), $picture->getImageHeight());
            $picture->cropImage($width, $height, $x, $y);
            $picture->setImagePage(0, 0, 0, 0);
        }
        if ($framing->turns()) {
            $picture->rotateImage($background, -$framing->turnDeg);
            $picture->setImagePage(0, 0, 0, 0);
        }
        if ($framing->mirror) {
            $picture->flopImage();
        }
    }

    /** @return array{int, int, int<1, max>, int<1, max>} x, y, width and height in pixels */
    private static function part(ArtFraming $framing, int $width, int $height): array
    {
        $x = (int) round($framing->left * $width);
        $y = (int) round($framing->top * $height);

        return [
            $x,
            $y,
            max(1, min($width - $x, (int) round($framing->width * $width))),
            max(1, min($height - $y, (int) round($framing->height * $height))),
        ];
    }

    /** Whether even the flat parts of the picture are never still: grain of a camera or a scanner. */
    private static function isRestless(\Imagick $picture): bool
    {
        $width = $picture->getImageWidth();
        $height = $picture->getImageHeight();
        if ($width * $height < 10_000) {
            return false;
        }
        $ranges = [];
        for ($i = 0; $i < self::CALM_SAMPLES; ++$i) {
            $x = (int) (($width - 4) * fmod($i * 0.6180339887, 1.0));
            $y = (int) (($height - 4) * fmod($i * 0.7548776662, 1.0));
            /** @var non-empty-list<int> $nine */
            $nine = $picture->exportImagePixels($x, $y, 3, 3, 'G', \Imagick::PIXEL_CHAR);
            $ranges[] = max($nine) - min($nine);
        }
        sort($ranges);

        return $ranges[(int) (0.3 * self::CALM_SAMPLES)] >= self::RESTLESS;
    }

    public static function damaged(): Refusal
    {
        return UnreadableArt::at(
            'art',
            'The picture breaks off or is damaged, so part of the print would be missing. Save or copy it again and bring the whole file.',
        );
    }

    private static function inBands(ArtFile $file, Srgb $garment, ArtFraming $framing): ArtRaster
    {
        $picture = self::framed(self::turned(self::open($file), $file->orientation), $framing, $garment);
        $seeThrough = self::isSeeThrough($picture);
        $width = imagesx($picture);
        $full = imagesy($picture);
        $rows = [];
        for ($y = 0; $y < $full; $y += self::BAND_ROWS) {
            $height = min(self::BAND_ROWS, $full - $y);
            $band = imagecreatetruecolor(max(1, $width), max(1, $height));
            if ($band === false) {
                throw self::tooLarge();
            }
            imagealphablending($band, true);
            imagefilledrectangle(
                $band,
                0,
                0,
                $width,
                $height,
                (int) imagecolorallocate($band, self::byte($garment->red), self::byte($garment->green), self::byte($garment->blue)),
            );
            imagecopy($band, $picture, 0, 0, 0, $y, $width, $height);
            ob_start();
            imagepng($band, null, 0);
            $rows[] = PngFile::rgbRows((string) ob_get_clean(), $width);
        }

        return new ArtRaster($width, $full, implode('', $rows), $seeThrough, $file->kind === 'jpeg', preg_match('/iCCP|ICC_PROFILE|ICCP/', (string) file_get_contents($file->path, false, null, 0, 65536)) !== 1 ? $file->remarks : [...$file->remarks, \sprintf('The picture has %.0f megapixels; from 64 on a colour profile inside it is not used, and its colours are read as sRGB. Plates are not touched by that.', $file->width * $file->height / 1e6)]);
    }

    private static function turned(\GdImage $picture, Orientation $orientation): \GdImage
    {
        if ($orientation->isMirrored()) {
            imageflip($picture, \IMG_FLIP_HORIZONTAL);
        }
        $turned = $orientation->turn() === 0 ? $picture : imagerotate($picture, -$orientation->turn(), 0);

        return $turned === false ? throw self::tooLarge() : $turned;
    }

    private static function framed(\GdImage $picture, ArtFraming $framing, Srgb $garment): \GdImage
    {
        if ($framing->width < 0.9999 || $framing->height < 0.9999) {
            [$x, $y, $width, $height] = self::part($framing, imagesx($picture), imagesy($picture));
            $picture = imagecrop($picture, ['x' => $x, 'y' => $y, 'width' => $width, 'height' => $height]);
        }
        if ($picture !== false && $framing->turns()) {
            $picture = imagerotate(
                $picture,
                $framing->turnDeg,
                (int) imagecolorallocate($picture, self::byte($garment->red), self::byte($garment->green), self::byte($garment->blue)),
            );
        }
        if ($picture === false) {
            throw self::tooLarge();
        }
        if ($framing->mirror) {
            imageflip($picture, \IMG_FLIP_HORIZONTAL);
        }

        return $picture;
    }

    private static function tooLarge(): Refusal
    {
        return UnreadableArt::at(
            'art',
            'There is not enough memory to open this picture. Scale it down to the size it will print at 300 to 600 ppi.',
        );
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
            $picture = match ($file->kind) {
                'png' => imagecreatefrompng($file->path),
                'webp' => imagecreatefromwebp($file->path),
                'gif' => imagecreatefromgif($file->path),
                'bmp' => imagecreatefrombmp($file->path),
                default => imagecreatefromjpeg($file->path),
            };
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
