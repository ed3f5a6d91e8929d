<?php

declare(strict_types=1);

namespace Ektype\App\Work\Tone;

use Ektype\App\Shop\Job\Job;
use Ektype\App\Work\Films\JobPrint;
use Ektype\App\Work\Picture\ArtOnGarment;
use Ektype\App\Work\Picture\JobArt;
use Ektype\App\Work\Picture\ScannedPositive;
use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\PngFile;

/** The art of a job at the size of a picture on a page: what is tried with it answers at once. */
final readonly class SmallArt
{
    private const SIDE = 460;
    /** A drawing is drawn at so many pixels an inch for it. */
    private const DPI = 72.0;

    public function __construct(
        private ArtOnGarment $art,
        private ScannedPositive $scans,
        private JobPrint $print,
        private DrawnOnce $drawn,
        private string $shopData,
    ) {
    }

    /** @throws \Ektype\Core\Unit\Refusal where it cannot be opened */
    public function of(Job $job): ArtRaster
    {
        $kept = \sprintf('jobs/%d/small-%s', $job->idOrFail(), substr(hash('sha256', serialize([$job->art->path, $job->framing(), $job->garmentHex])), 0, 16));
        $art = unserialize($this->drawn->of($kept, fn (): string => serialize($this->drawn($job))), ['allowed_classes' => [ArtRaster::class]]);

        return $art instanceof ArtRaster ? $art : throw new \UnexpectedValueException('The small picture of the art is damaged. Bring the art again.');
    }

    private function drawn(Job $job): ArtRaster
    {
        $print = $this->print->of($job);
        $art = (new JobArt($job, $this->art, $this->scans, $this->shopData.'/files/'))->raster($print->bare(self::DPI), asItIs: true);

        return self::sized($art, self::SIDE);
    }

    /** @param int $side of the longer side at the most, pixels */
    public static function sized(ArtRaster $art, int $side): ArtRaster
    {
        $scale = min(1.0, $side / max($art->width, $art->height));
        $width = max(8, (int) round($art->width * $scale));
        $height = max(8, (int) round($art->height * $scale));

        return new ArtRaster(
            $width,
            $height,
            self::bytes('P6', 'RGB', $art->width, $art->height, $art->rgb, $width, height: $height),
            $art->seeThrough,
            alpha: $art->alpha === null ? null : self::bytes('P5', 'GRAY', $art->width, $art->height, $art->alpha, $width, height: $height),
        );
    }

    private static function bytes(string $kind, string $format, int $fromWidth, int $fromHeight, string $bytes, int $width, int $height): string
    {
        $picture = new \Imagick();
        $picture->readImageBlob(\sprintf("%s %d %d 255\n", $kind, $fromWidth, $fromHeight).$bytes, 'art.pnm');
        $picture->resizeImage($width, $height, \Imagick::FILTER_BOX, 1);
        $picture->setImageDepth(8);
        $picture->setImageFormat($format);

        return $picture->getImageBlob();
    }

    public static function lab(string $rgb, int $at): Lab
    {
        return Lab::of(new Srgb(\ord($rgb[$at]), \ord($rgb[$at + 1]), \ord($rgb[$at + 2])));
    }

    /** @return string PNG */
    public static function png(\Imagick $print): string
    {
        $print->setImageDepth(8);
        $print->setImageFormat('RGB');

        return PngFile::ofRgb($print->getImageWidth(), $print->getImageHeight(), $print->getImageBlob());
    }
}
