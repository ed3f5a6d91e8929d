<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\PlateShare;

/** How far a small print is from its art, and how much of it each plate covers. */
final class OffArt
{
    private const SAMPLES = 1500;

    /** @return array{float, float} how far a print is from the picture in the mean, and what 95 % of it stay under, ΔE00 */
    public static function of(ArtRaster $art, \Imagick $print): array
    {
        $copy = clone $print;
        $copy->setImageDepth(8);
        $copy->setImageFormat('RGB');
        $rgb = $copy->getImageBlob();
        $off = [];
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            $at = 3 * (int) ($art->width * $art->height * fmod($i * 0.6180339887498949, 1.0));
            $off[] = Ciede2000::between(SmallArt::lab($art->rgb, $at), SmallArt::lab($rgb, $at));
        }
        sort($off);

        return [array_sum($off) / self::SAMPLES, $off[(int) (0.95 * self::SAMPLES)]];
    }

    public static function share(FirstPlate $plate): PlateShare
    {
        if ($plate->seen instanceof BitPlane) {
            return new PlateShare($plate->name, $plate->role, $plate->seen->count() / ($plate->seen->width * $plate->seen->height), Lab::of($plate->colour));
        }
        $sum = 0;
        foreach (count_chars($plate->seen->bytes, 1) as $byte => $count) {
            $sum += $byte * $count;
        }

        return new PlateShare($plate->name, $plate->role, $sum / (CoverageMap::FULL * $plate->seen->width * $plate->seen->height), Lab::of($plate->colour));
    }
}
