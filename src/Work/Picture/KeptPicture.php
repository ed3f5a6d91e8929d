<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

use Ektype\App\Shop\NotHere;
use Ektype\App\Shop\ShopFiles;
use Ektype\Core\Art\ArtDecoder;
use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\UnreadableArt;

/**
 * A picture of a print, kept with the record: upright, small enough to show, and without what the camera wrote into it of
 * place and device.
 */
final readonly class KeptPicture
{
    public const NAME = '[0-9a-f]{16}';
    private const SIDE = 1600;
    private const QUALITY = 86;

    public function __construct(private ShopFiles $files)
    {
    }

    /**
     * @return string its name in the shop
     *
     * @throws \Ektype\Core\Unit\Refusal where it is no picture, or damaged
     */
    public function keep(string $path): string
    {
        $file = ArtFile::at($path);
        if (!\in_array($file->kind, ['png', 'jpeg', 'jpg', 'webp', 'tiff', 'tif'], true)) {
            throw UnreadableArt::at('picture', 'A drawing tells nothing of a print. Take a photograph of it: JPEG, PNG, WebP or TIFF.');
        }
        try {
            $picture = new \Imagick();
            $picture->readImage($file->kind.':'.$path.'[0]');
            ArtDecoder::upright($picture, $file->orientation);
            $picture->transformImageColorspace(\Imagick::COLORSPACE_SRGB);
            $scale = min(1.0, self::SIDE / max($picture->getImageWidth(), $picture->getImageHeight()));
            $picture->resizeImage(max(1, (int) round($scale * $picture->getImageWidth())), max(1, (int) round($scale * $picture->getImageHeight())), \Imagick::FILTER_BOX, 1);
            $picture->setImageBackgroundColor('white');
            $picture->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
            $picture->stripImage();
            $picture->setImageFormat('jpeg');
            $picture->setImageCompressionQuality(self::QUALITY);
            $bytes = $picture->getImageBlob();
            $picture->clear();
        } catch (\ImagickException) {
            throw ArtDecoder::damaged();
        }
        $name = substr(hash('sha256', $bytes), 0, 16);
        if (!$this->files->has(self::path($name))) {
            $this->files->put(self::path($name), $bytes);
        }

        return $name;
    }

    /** @throws NotHere where there is none of that name */
    public function bytes(string $name): string
    {
        return $this->files->has(self::path($name)) ? $this->files->read(self::path($name)) : throw new NotHere();
    }

    private static function path(string $name): string
    {
        return 'pictures/'.$name.'.jpg';
    }
}
