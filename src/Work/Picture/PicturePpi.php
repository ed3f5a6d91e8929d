<?php

declare(strict_types=1);

namespace Ektype\App\Work\Picture;

/** Pixels an inch as a picture has them written down. */
final class PicturePpi
{
    /** @return float|null 0 where it says none; null where it cannot be opened */
    public static function of(string $path): ?float
    {
        try {
            $picture = new \Imagick();
            $picture->pingImage($path.'[0]');
            $resolution = $picture->getImageResolution();

            return $resolution['x'] * ($picture->getImageUnits() === \Imagick::RESOLUTION_PIXELSPERCENTIMETER ? 2.54 : 1.0);
        } catch (\ImagickException) {
            return null;
        }
    }
}
