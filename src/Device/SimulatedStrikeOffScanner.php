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

    public function name(): string
    {
        return 'simulated scanner';
    }

    /**
     * @param list<BitPlane>  $plates     of the print, in print order, without marks
     * @param list<string>    $names      of them
     * @param list<Srgb>      $inks
     * @param list<RigidMove> $lies       of each plate against the films; the key’s is nothing
     * @param list<int>       $notPrinted slots of the strip that the hand covered: their plate, at the first corner
     * @param float           $turnedDeg  more than the skew: 180 lays it upside down
     *
     * @return string a JPEG
     */
    public function picture(FilmSheet $sheet, array $plates, array $names, array $inks, Srgb $cloth, array $lies, float $ppi, int $seed, array $notPrinted = [], float $turnedDeg = 0.0): string
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
                implode(' ', array_map(static fn (float $v): string => \sprintf('%.9F', $v), self::laid($sheet, $lies[$k], $skew, $scale, $at, $perMm, $width, $height))),
            );
        }
        $drawn = new Process(['rsvg-convert', '--unlimited']);
        $drawn->setInput(\sprintf('<svg xmlns="http://www.w3.org/2000/svg" width="%1$d" height="%2$d"><rect width="%1$d" height="%2$d" fill="%3$s"/>%4$s</svg>', $width, $height, $cloth->hex(), $films));
        $drawn->mustRun();
        $scan = new \Imagick();
        $scan->readImageBlob($drawn->getOutput());
        $scan->setImageAlphaChannel(\Imagick::ALPHACHANNEL_REMOVE);
        $scan->blurImage(0, 0.5 + $between(0, 0.5));
        // Threads of the cloth, coarser than a pixel, and the scanner’s own grain.
        $grain = new \Imagick();
        $grain->newImage((int) ceil($width / 2), (int) ceil($height / 2), new \ImagickPixel('gray50'));
        $grain->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        $grain->setImageArtifact('attenuate', '0.9');
        $grain->addNoiseImage(\Imagick::NOISE_GAUSSIAN);
        $grain->resizeImage($width, $height, \Imagick::FILTER_TRIANGLE, 1);
        $scan->compositeImage($grain, \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $scan->setImageArtifact('attenuate', '0.4');
        $scan->addNoiseImage(\Imagick::NOISE_GAUSSIAN);
        $scan->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $scan->setImageResolution($ppi, $ppi);
        $scan->setImageFormat('jpeg');
        $scan->setImageCompressionQuality(88);

        return $scan->getImageBlob();
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

    /** @return list<float> a film’s pixels on the scan: moved by its misfit about the centre of the print, then with the whole */
    private static function laid(FilmSheet $sheet, RigidMove $lies, float $skew, float $scale, Point $at, float $perMm, int $width, int $height): array
    {
        // A film pixel (u, v) is the place (u·m − c, d − v·m) of the print; there it moves by the misfit; then to the scan.
        $m = $sheet->mm(1);
        [$c, $d] = [$sheet->mm($sheet->widthPx) / 2, $sheet->mm($sheet->heightPx) / 2];
        $s = $scale * $perMm;
        $map = static function (float $u, float $v) use ($m, $c, $d, $lies, $skew, $s, $at, $width, $height, $perMm): array {
            [$x, $y] = [$u * $m - $c, $d - $v * $m];
            [$x, $y] = [$x + $lies->xMm - $lies->turnRad * $y, $y + $lies->yMm + $lies->turnRad * $x];

            return [
                $width / 2 + $at->xMm * $perMm + $s * (cos($skew) * $x - sin($skew) * $y),
                $height / 2 + $at->yMm * $perMm - $s * (sin($skew) * $x + cos($skew) * $y),
            ];
        };
        [$origin, $right, $down] = [$map(0, 0), $map(1, 0), $map(0, 1)];

        return [$right[0] - $origin[0], $right[1] - $origin[1], $down[0] - $origin[0], $down[1] - $origin[1], $origin[0], $origin[1]];
    }
}
