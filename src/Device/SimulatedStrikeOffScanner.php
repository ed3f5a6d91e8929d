<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Film\RegisterStrip;
use Ektype\Core\Film\StripShapes;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Registration\RigidMove;
use Ektype\Core\Unit\Point;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Symfony\Component\Process\Process;

/**
 * Stands in for a strike-off on a scanner: films printed one over the other in their inks on grainy cloth, each plate as far off
 * as is told, the whole askew, of another size, blurred, with grain and the losses of a JPEG.
 */
final readonly class SimulatedStrikeOffScanner implements StrikeOffScanner
{
    private const MOST_SKEW_DEG = 3.0;
    private const MOST_SCALE = 0.012;
    private const EDGE_MM = 9.0;
    private const GRAIN_PX = 500;
    /** So far round the places of a strip its optics are drawn, mm. */
    private const BESIDE_MM = 12.0;

    public function name(): string
    {
        return 'simulated scanner';
    }

    /**
     * @param list<BitPlane>               $plates     of the print, in print order, without marks
     * @param list<string>                 $names      of them
     * @param list<Srgb>                   $inks
     * @param list<RigidMove>              $lies       of each plate against the films; the key’s is nothing
     * @param list<int>                    $notPrinted slots of the strip that the hand covered: their plate, at the first corner
     * @param float                        $turnedDeg  more than the skew: 180 lays it upside down
     * @param (\Closure(float): void)|null $told       is told which share is done, 0–1
     *
     * @return string a JPEG
     */
    public function picture(FilmSheet $sheet, array $plates, array $names, array $inks, Srgb $cloth, array $lies, float $ppi, int $seed, array $notPrinted = [], float $turnedDeg = 0.0, ?\Closure $told = null): string
    {
        $random = new Randomizer(new Mt19937($seed));
        $between = static fn (float $from, float $to): float => $from + ($to - $from) * $random->getInt(0, 10000) / 10000;
        $strip = RegisterStrip::on($sheet, $names);
        $perMm = $ppi / 25.4;
        [$wide, $high] = [$sheet->mm($sheet->widthPx) + 2 * self::EDGE_MM, $sheet->mm($sheet->heightPx) + 2 * self::EDGE_MM];
        [$width, $height] = [(int) round($wide * $perMm), (int) round($high * $perMm)];
        $skew = deg2rad($between(-self::MOST_SKEW_DEG, self::MOST_SKEW_DEG) + $turnedDeg);
        $scale = 1 + $between(-self::MOST_SCALE, self::MOST_SCALE);
        $at = new Point($between(-4, 4), $between(-4, 4));
        $films = '';
        foreach ($plates as $k => $plate) {
            $told?->__invoke(0.15 * $k / \count($plates));
            $shapes = $strip?->of($k);
            if ($shapes !== null && \in_array($k, $notPrinted, true)) {
                // Two bars of its first cross stay blank.
                $shapes = new StripShapes(\array_slice($shapes->blacks, 2), $shapes->rings);
            }
            // Ink spreads by up to a film pixel or two.
            $film = Spread::by(FilmPlane::of($sheet, $plate, '', $shapes), $between(0.0, 0.06) / $sheet->mm(1));
            $films .= \sprintf(
                '<image href="data:image/png;base64,%s" width="%d" height="%d" transform="matrix(%s)"/>',
                base64_encode(self::inked($film, $inks[$k])),
                $film->width,
                $film->height,
                implode(' ', array_map(static fn (float $v): string => \sprintf('%.9F', $v), self::laid($sheet, $lies[$k], $skew, $scale, $at, $perMm, width: $width, height: $height))),
            );
        }
        $told?->__invoke(0.15);
        $drawn = new Process(['rsvg-convert', '--unlimited']);
        $drawn->setInput(\sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d"><rect width="%1$d" height="%2$d" fill="%3$s"/>%4$s</svg>', $width, $height, $cloth->hex(), $films));
        $drawn->mustRun();
        $told?->__invoke(0.5);
        $scan = new \Imagick();
        $scan->readImageBlob($drawn->getOutput());
        $scan->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        self::soften($scan, $strip, 0.5 + $between(0, 0.5), $perMm, self::onScan($skew, $scale * $perMm, $at, $perMm, $width, $height));
        $told?->__invoke(0.75);
        $scan->compositeImage(self::grain($width, $height), \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $scan->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $scan->setImageResolution($ppi, $ppi);
        $scan->setImageFormat('jpeg');
        $scan->setImageCompressionQuality(88);

        return $scan->getImageBlob();
    }

    /** Threads of the cloth, coarser than a pixel, and the scanner’s own grain: one piece of it over and over, since noise takes long to make. */
    private static function grain(int $width, int $height): \Imagick
    {
        $threads = new \Imagick();
        $threads->newImage(intdiv(self::GRAIN_PX, 2), intdiv(self::GRAIN_PX, 2), new \ImagickPixel('gray50'));
        $threads->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        $threads->setImageArtifact('attenuate', '0.9');
        $threads->addNoiseImage(\Imagick::NOISE_GAUSSIAN);
        $threads->resizeImage(self::GRAIN_PX, self::GRAIN_PX, \Imagick::FILTER_TRIANGLE, 1);
        $threads->setImageArtifact('attenuate', '0.5');
        $threads->addNoiseImage(\Imagick::NOISE_GAUSSIAN);
        $grain = new \Imagick();
        $grain->newImage($width, $height, new \ImagickPixel('gray50'));

        return $grain->textureImage($threads);
    }

    /** @return string a PNG of the film, its ink on nothing */
    private static function inked(BitPlane $film, Srgb $ink): string
    {
        $picture = imagecreatefromstring(PngFile::ofPlane($film, 600));
        if ($picture === false) {
            throw new \RuntimeException('The film could not be drawn.');
        }
        $black = imagecolorexact($picture, 0, 0, 0);
        imagecolortransparent($picture, imagecolorexact($picture, 255, 255, 255));
        if ($black >= 0) {
            $byte = static fn (int $of): int => max(0, min(255, $of));
            imagecolorset($picture, $black, $byte($ink->red), $byte($ink->green), $byte($ink->blue));
        }
        ob_start();
        imagepng($picture, null, 1);

        return (string) ob_get_clean();
    }

    /**
     * The optics of a scanner, where the strip lies: a whole picture would take long, and nobody reads the rest.
     *
     * @param \Closure(float, float): array{float, float} $onScan
     */
    private static function soften(\Imagick $scan, ?RegisterStrip $strip, float $sigma, float $perMm, \Closure $onScan): void
    {
        $corners = [];
        foreach ($strip->slots ?? [] as $slot) {
            $corners[$slot->corner][] = $onScan($slot->at->xMm, $slot->at->yMm);
        }
        $beside = self::BESIDE_MM * $perMm;
        foreach ($corners as $places) {
            [$x, $y] = [array_column($places, 0), array_column($places, 1)];
            [$left, $top] = [(int) max(0, min($x) - $beside), (int) max(0, min($y) - $beside)];
            $part = clone $scan;
            $part->cropImage((int) ceil(max($x) + $beside - $left), (int) ceil(max($y) + $beside - $top), $left, $top);
            $part->setImagePage(0, 0, 0, 0);
            $part->blurImage(0, $sigma);
            $scan->compositeImage($part, \Imagick::COMPOSITE_COPY, $left, $top);
        }
    }

    /** @return \Closure(float, float): array{float, float} where a place of the print, mm from its middle, lies on the scan, pixels */
    private static function onScan(float $skew, float $s, Point $at, float $perMm, int $width, int $height): \Closure
    {
        return static fn (float $x, float $y): array => [
            $width / 2 + $at->xMm * $perMm + $s * (cos($skew) * $x - sin($skew) * $y),
            $height / 2 + $at->yMm * $perMm - $s * (sin($skew) * $x + cos($skew) * $y),
        ];
    }

    /** @return list<float> a film’s pixels on the scan: moved by its misfit about the centre of the print, then with the whole */
    private static function laid(FilmSheet $sheet, RigidMove $lies, float $skew, float $scale, Point $at, float $perMm, int $width, int $height): array
    {
        // A film pixel (u, v) is the place (u·m − c, d − v·m) of the print; there it moves by the misfit; then to the scan.
        $m = $sheet->mm(1);
        [$c, $d] = [$sheet->mm($sheet->widthPx) / 2, $sheet->mm($sheet->heightPx) / 2];
        $onScan = self::onScan($skew, $scale * $perMm, $at, $perMm, $width, $height);
        $map = static function (float $u, float $v) use ($m, $c, $d, $lies, $onScan): array {
            [$x, $y] = [$u * $m - $c, $d - $v * $m];

            return $onScan($x + $lies->xMm - $lies->turnRad * $y, $y + $lies->yMm + $lies->turnRad * $x);
        };
        [$origin, $right, $down] = [$map(0, 0), $map(1, 0), $map(0, 1)];

        return [$right[0] - $origin[0], $right[1] - $origin[1], $down[0] - $origin[0], $down[1] - $origin[1], $origin[0], $origin[1]];
    }
}
