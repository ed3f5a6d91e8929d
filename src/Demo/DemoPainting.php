<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** A picture like a photograph, painted by a script: light from a lantern, clouds and water of fractal noise, and grain. */
final class DemoPainting
{
    private const WIDTH = 1500;
    private const HEIGHT = 1800;
    private const SEED = 2719;
    /** Where the sea begins, share of the height. */
    private const HORIZON = 0.58;
    private const OCTAVES = 5;

    private readonly Randomizer $chance;

    public function __construct()
    {
        $this->chance = new Randomizer(new Mt19937(self::SEED));
    }

    /** @return string a JPEG: a lantern on a pier at slack water */
    public function slackWater(): string
    {
        [$w, $h] = [self::WIDTH, self::HEIGHT];
        $sea = (int) (self::HORIZON * $h);
        $picture = self::between('#171a1c', '#c9cbc6', $w, $sea);
        $water = self::between('#b4b7b3', '#0e1011', $w, $h - $sea);
        $picture->compositeImage($this->noise($w, $sea, 3, 3), \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $water->compositeImage($this->noise($w, $h - $sea, 3, 34), \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $picture->extentImage($w, $h, 0, 0);
        $picture->compositeImage($water, \Imagick::COMPOSITE_OVER, 0, $sea);
        $picture->compositeImage(self::far($w, $sea), \Imagick::COMPOSITE_OVER, 0, $sea - 150);
        $picture->compositeImage(self::glow($w, $h, 0.62, 0.335, 0.5), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $picture->compositeImage(self::glow($w, $h, 0.62, 0.66, 0.16), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $picture->drawImage(self::pier($w, $h, $sea));
        $picture->compositeImage(self::glow($w, $h, 0.62, 0.335, 0.10), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $picture->compositeImage($this->grain($w, $h), \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(88);
        $picture->stripImage();

        return $picture->getImageBlob();
    }

    private static function between(string $above, string $below, int $width, int $height): \Imagick
    {
        $ramp = new \Imagick();
        $ramp->newPseudoImage($width, $height, \sprintf('gradient:%s-%s', $above, $below));

        return $ramp;
    }

    /** Sums of random fields, each twice as fine and half as strong. */
    private function noise(int $width, int $height, int $across, int $down): \Imagick
    {
        $sum = null;
        for ($octave = 0; $octave < self::OCTAVES; ++$octave) {
            [$x, $y] = [max(2, $across << $octave), max(2, $down << $octave)];
            $field = new \Imagick();
            $field->readImageBlob(\sprintf("P5 %d %d 255\n", $x, $y).$this->chance->getBytes($x * $y), 'noise.pgm');
            $field->resizeImage($width, $height, \Imagick::FILTER_CATROM, 1);
            if ($sum === null) {
                $sum = $field;
                continue;
            }
            $field->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
            $field->evaluateImage(\Imagick::EVALUATE_MULTIPLY, 0.4 / $octave, \Imagick::CHANNEL_ALPHA);
            $sum->compositeImage($field, \Imagick::COMPOSITE_OVER, 0, 0);
        }

        if ($sum === null) {
            throw new \LogicException('There are octaves.');
        }
        // Softer towards the middle, so that light and water stay themselves.
        $sum->evaluateImage(\Imagick::EVALUATE_MULTIPLY, 0.7);
        $sum->evaluateImage(\Imagick::EVALUATE_ADD, 0.15 * \Imagick::getQuantumRange()['quantumRangeLong']);

        return $sum;
    }

    /** Grain as a film has it: a little softer than a pixel. */
    private function grain(int $width, int $height): \Imagick
    {
        $grain = new \Imagick();
        $bytes = strtr($this->chance->getBytes(max(1, $width * $height)), array_combine(
            array_map(\chr(...), range(0, 255)),
            array_map(static fn (int $b): string => \chr(104 + intdiv($b * 48, 255)), range(0, 255)),
        ));
        $grain->readImageBlob(\sprintf("P5 %d %d 255\n", $width, $height).$bytes, 'grain.pgm');
        $grain->blurImage(0, 0.6);

        return $grain;
    }

    /** Light that falls off to all sides. */
    private static function glow(int $width, int $height, float $x, float $y, float $radius): \Imagick
    {
        $reach = (int) ($radius * $width);
        $light = new \Imagick();
        $light->newPseudoImage(2 * $reach, 2 * $reach, 'radial-gradient:#fff8e8-#000000');
        $light->evaluateImage(\Imagick::EVALUATE_POW, 2.2);
        $dark = new \Imagick();
        $dark->newImage($width, $height, new \ImagickPixel('black'));
        $dark->compositeImage($light, \Imagick::COMPOSITE_OVER, (int) ($x * $width) - $reach, (int) ($y * $height) - $reach);

        return $dark;
    }

    /** Two ridges in the mist. */
    private static function far(int $width, int $sea): \Imagick
    {
        $land = new \Imagick();
        $land->newImage($width, 160, new \ImagickPixel('none'));
        foreach ([['#6d726f', 0.0, 70, 40], ['#3c4140', 1.7, 104, 26]] as [$colour, $phase, $top, $swing]) {
            $ridge = new \ImagickDraw();
            $ridge->setFillColor(new \ImagickPixel($colour));
            $points = [['x' => 0, 'y' => 160]];
            for ($x = 0; $x <= $width; $x += 30) {
                $points[] = ['x' => $x, 'y' => $top + $swing * sin($phase + $x / 260) + $swing * 0.4 * sin(2 * $phase + $x / 71)];
            }
            $points[] = ['x' => $width, 'y' => 160];
            $ridge->polygon($points);
            $land->drawImage($ridge);
        }
        $land->blurImage(0, 2.5);

        return $land;
    }

    /** The pier, its lantern and a moored boat, against the light. */
    private static function pier(int $width, int $height, int $sea): \ImagickDraw
    {
        $draw = new \ImagickDraw();
        $draw->setFillColor(new \ImagickPixel('#0b0b0b'));
        $draw->polygon([['x' => 0.34 * $width, 'y' => $sea + 60], ['x' => $width, 'y' => $sea - 30], ['x' => $width, 'y' => $sea + 60], ['x' => 0.34 * $width, 'y' => $sea + 92]]);
        for ($i = 0; $i < 9; ++$i) {
            $x = (0.36 + 0.075 * $i) * $width;
            $draw->rectangle($x, $sea + 40, $x + 16 + 2 * $i, $sea + 250 + 22 * $i);
        }
        $x = 0.62 * $width;
        $draw->polygon([['x' => $x - 42, 'y' => $sea + 20], ['x' => $x - 26, 'y' => 0.40 * $height], ['x' => $x + 26, 'y' => 0.40 * $height], ['x' => $x + 42, 'y' => $sea + 20]]);
        $draw->rectangle($x - 54, 0.385 * $height, $x + 54, 0.40 * $height);
        $draw->polygon([['x' => $x - 58, 'y' => 0.30 * $height], ['x' => $x, 'y' => 0.262 * $height], ['x' => $x + 58, 'y' => 0.30 * $height]]);
        foreach ([-44, -15, 15, 44] as $bar) {
            $draw->rectangle($x + $bar - 4, 0.295 * $height, $x + $bar + 4, 0.39 * $height);
        }
        // A boat: hull, mast and stay.
        $draw->polygon([['x' => 0.10 * $width, 'y' => 0.69 * $height], ['x' => 0.35 * $width, 'y' => 0.69 * $height], ['x' => 0.31 * $width, 'y' => 0.735 * $height], ['x' => 0.14 * $width, 'y' => 0.735 * $height]]);
        $draw->rectangle(0.22 * $width - 5, 0.46 * $height, 0.22 * $width + 5, 0.70 * $height);
        $draw->setStrokeColor(new \ImagickPixel('#0b0b0b'));
        $draw->setStrokeWidth(3);
        $draw->line(0.22 * $width, 0.465 * $height, 0.34 * $width, 0.69 * $height);
        $draw->line(0.22 * $width, 0.465 * $height, 0.11 * $width, 0.69 * $height);

        return $draw;
    }
}
