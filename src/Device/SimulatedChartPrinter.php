<?php

declare(strict_types=1);

namespace Ektype\App\Device;

use Ektype\App\Work\Chart\ChartFilm;
use Ektype\Core\Film\FilmPlane;
use Ektype\Core\Halftone\GainChart;
use Ektype\Core\Halftone\GainSetting;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PngFile;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * Stands in for a press and a flat scanner: each setting gains by its own known curve, and the print lies a little askew under
 * light that falls off towards one corner, with noise and the scanner’s compression.
 */
final readonly class SimulatedChartPrinter implements ChartPrinter
{
    private const PPI = 300;
    /** Gain at half tone of a coarse ruling, and what each line an inch adds. */
    private const GAIN = 0.1;
    private const A_LINE = 0.002;
    private const QUALITY = 88;

    public function name(): string
    {
        return 'simulated press and scanner';
    }

    /** @return \Closure(float): float what each tone on film prints as, 0–1 */
    public function truth(GainSetting $at): \Closure
    {
        $random = $this->random($at);
        $gain = self::GAIN + self::A_LINE * $at->lpi + 0.03 * SimulatedNoise::normal($random);
        $lean = 0.04 * SimulatedNoise::normal($random);

        return static fn (float $tone): float => $tone + 4 * $tone * (1 - $tone) * ($gain + $lean * (2 * $tone - 1));
    }

    public function scan(ChartFilm $film, GainSetting $at): string
    {
        $random = $this->random($at);
        $print = Screening::with($film->cell, $film->dot, $film->plate->plane->width)->film(
            GainChart::tones(GainChart::grid($film->sheet->dpi), $this->truth($at)),
            GainChart::grid($film->sheet->dpi)->times,
            $film->plate->plane->height,
        );

        return $this->laid($film, $print, $random->getInt(-200, 200) / 100, 0.04, 0.8, $random);
    }

    /**
     * A print on the glass.
     *
     * @param BitPlane $print   what is printed
     * @param float    $turnDeg how far it is turned, clockwise
     * @param float    $solid   reflectance of the ink, 0–1
     * @param float    $cloth   reflectance of the cloth
     */
    public function laid(ChartFilm $film, BitPlane $print, float $turnDeg, float $solid, float $cloth, Randomizer $random): string
    {
        $sheet = FilmPlane::of($film->sheet, $print, $film->plate->label);
        $picture = new \Imagick();
        $picture->readImageBlob(PngFile::ofPlane($sheet, $film->sheet->dpi));
        $picture->setImageType(\Imagick::IMGTYPE_GRAYSCALE);
        $share = self::PPI / $film->sheet->dpi;
        $picture->resizeImage((int) round($sheet->width * $share), (int) round($sheet->height * $share), \Imagick::FILTER_BOX, 1);
        $picture->rotateImage(new \ImagickPixel('white'), $turnDeg);
        $picture->setImagePage(0, 0, 0, 0);
        $picture->setImageDepth(8);
        $picture->setImageFormat('GRAY');
        [$width, $height] = [$picture->getImageWidth(), $picture->getImageHeight()];
        $scan = new \Imagick();
        $scan->readImageBlob("P5 $width $height 255\n".self::seen($picture->getImageBlob(), $width, $height, $solid, $cloth, $random), 'scan.pgm');
        $scan->setImageUnits(\Imagick::RESOLUTION_PIXELSPERINCH);
        $scan->setImageResolution(self::PPI, self::PPI);
        $scan->setImageFormat('jpeg');
        $scan->setImageCompressionQuality(self::QUALITY);

        return $scan->getImageBlob();
    }

    /** The light mixes before it is written down as sRGB; towards one corner it falls off by an eighth. */
    private static function seen(string $bare, int $width, int $height, float $solid, float $cloth, Randomizer $random): string
    {
        $written = [];
        for ($i = 0; $i <= 1000; ++$i) {
            $light = $i / 1000;
            $written[] = 255 * ($light <= 0.0031308 ? 12.92 * $light : 1.055 * $light ** (1 / 2.4) - 0.055);
        }
        $grey = '';
        for ($y = 0; $y < $height; ++$y) {
            $noise = $random->getBytes(max(1, $width));
            $row = '';
            for ($x = 0; $x < $width; ++$x) {
                $light = ($solid + ($cloth - $solid) * \ord($bare[$y * $width + $x]) / 255) * (1 - 0.07 * $x / $width - 0.06 * $y / $height);
                $row .= \chr(max(0, min(255, (int) round($written[(int) (1000 * $light)] + (\ord($noise[$x]) - 127.5) / 32))));
            }
            $grey .= $row;
        }

        return $grey;
    }

    private function random(GainSetting $at): Randomizer
    {
        return new Randomizer(new Mt19937(crc32(serialize([$at->press, $at->threadsPerCm, $at->ink?->value, $at->lpi, $at->strokes]))));
    }
}
