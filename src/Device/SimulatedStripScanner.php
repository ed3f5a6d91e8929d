<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\StepTest\StripSeen;
use Ektype\Core\StepTest\TestDetail;
use Ektype\Core\StepTest\TestFilm;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a screen with a step test, washed and dried, and a scanner with light behind it: what survives in each strip
 * follows from a right time that is known, and the picture lies askew, blurred, under uneven light, with grain.
 */
final readonly class SimulatedStripScanner implements StripScanner
{
    private const FILM_DPI = 600.0;
    private const PPI = 300;
    private const MOST_SKEW_DEG = 5.0;
    /** At the right time lines of this width still hold, mm, and how fast that grows with too little and too much light. */
    private const HOLDS_MM = 0.085;
    private const UNDER = 2.4;
    private const OVER = 1.7;
    /** Stencil runs off below this share of the right time. */
    private const SLIME_BELOW = 0.62;
    /** Dots are held a little worse than lines. */
    private const DOT = 1.9;

    public function name(): string
    {
        return 'simulated light table scanner';
    }

    /**
     * What every strip holds, for a right time.
     *
     * @param list<float> $seconds of each strip from the top
     *
     * @return list<StripSeen>
     */
    public function truth(float $rightS, array $seconds): array
    {
        return array_map(static function (float $s) use ($rightS): StripSeen {
            $finest = static function (TestDetail $detail) use ($s, $rightS): ?float {
                foreach ($detail->sizes() as $size) {
                    if (self::holds($detail, $size, $s / $rightS)) {
                        return $size;
                    }
                }

                return null;
            };

            return new StripSeen($s, $finest(TestDetail::PositiveLine), $finest(TestDetail::ReverseLine), $finest(TestDetail::Dot), $finest(TestDetail::Hole), $s / $rightS < self::SLIME_BELOW);
        }, $seconds);
    }

    /**
     * @param list<float> $seconds of each strip from the top
     *
     * @return string a JPEG of 300 pixels an inch
     */
    public function picture(float $rightS, array $seconds, int $seed): string
    {
        $random = new Randomizer(new Mt19937($seed));
        $plane = TestFilm::plane(self::FILM_DPI, \count($seconds), static fn (TestDetail $detail, float $size, int $strip): bool => self::holds($detail, $size, $seconds[$strip - 1] / $rightS));
        $sheet = FilmPlane::of(TestFilm::sheet(self::FILM_DPI, \count($seconds)), $plane, TestFilm::NAME);
        $picture = new \Imagick();
        $picture->readImageBlob(PngFile::ofPlane($sheet, self::FILM_DPI));
        $picture->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        // What is black on the film is open on the screen, and light against the light.
        $picture->negateImage(false);
        $this->cover($picture, $rightS, $seconds, $sheet->height);
        $share = self::PPI / self::FILM_DPI;
        $picture->resizeImage((int) round($sheet->width * $share), (int) round($sheet->height * $share), \Imagick::FILTER_BOX, 1);
        $picture->rotateImage(new \ImagickPixel('black'), self::MOST_SKEW_DEG * $random->getInt(-100, 100) / 100);
        $picture->setImagePage(0, 0, 0, 0);
        $picture->blurImage(0, 0.6 + $random->getInt(0, 60) / 100);
        // Stencil is not quite dark and mesh not quite bare.
        $range = \Imagick::getQuantumRange()['quantumRangeLong'];
        $picture->levelImage(-0.16 * $range, 1.0, 1.22 * $range);
        $light = new \Imagick();
        $light->newPseudoImage($picture->getImageWidth(), $picture->getImageHeight(), \sprintf('gradient:gray(%d%%)-white', 78 + $random->getInt(0, 12)));
        $picture->compositeImage($light, \Imagick::COMPOSITE_MULTIPLY, 0, 0);
        // Written down as scanners do, nearly the root of the light; the grain is theirs.
        $picture->gammaImage(2.2);
        $picture->setImageArtifact('attenuate', '0.4');
        $picture->addNoiseImage(\Imagick::NOISE_GAUSSIAN);
        $picture->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        $picture->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $picture->setImageResolution(self::PPI, self::PPI);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(88);

        return $picture->getImageBlob();
    }

    /**
     * Slime takes light away where the stencil ran off.
     *
     * @param list<float> $seconds
     */
    private function cover(\Imagick $picture, float $rightS, array $seconds, int $height): void
    {
        $sheet = TestFilm::sheet(self::FILM_DPI, \count($seconds));
        $strip = TestFilm::STRIP_MM / 25.4 * self::FILM_DPI;
        foreach ($seconds as $i => $s) {
            if ($s / $rightS >= self::SLIME_BELOW) {
                continue;
            }
            $veil = new \Imagick();
            $veil->newImage($sheet->artWidthPx, (int) round($strip), new \ImagickPixel('rgb(55%,55%,55%)'));
            $picture->compositeImage($veil, \Imagick::COMPOSITE_MULTIPLY, $sheet->marginPx, min($height, (int) round($sheet->feedMarginPx + $i * $strip)));
        }
    }

    private static function holds(TestDetail $detail, float $size, float $light): bool
    {
        $least = self::HOLDS_MM * ($detail->isStencil() ? $light ** -self::UNDER : $light ** self::OVER);

        return $size >= $least * ($detail->isLine() ? 1.0 : self::DOT);
    }
}
