<?php

declare(strict_types=1);

namespace Ektype\App\Demo;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Pictures in many colours, like paintings, made by a script: skies, lights and water of gradients, shapes and noise. */
final class ColourPaintings
{
    private const SEED = 4127;

    private readonly Randomizer $chance;

    public function __construct()
    {
        $this->chance = new Randomizer(new Mt19937(self::SEED));
    }

    /** @return string a PNG: a ferry lies still while the sun goes down; its edges run out into the cloth */
    public function lowTideFerry(): string
    {
        [$w, $h] = [900, 1000];
        $picture = self::bands([['#241a4e', 0.0], ['#5b2a72', 0.22], ['#c2483f', 0.42], ['#f08a32', 0.52], ['#f9c95a', 0.585], ['#c8683c', 0.60], ['#5a3060', 0.78], ['#1a1a44', 1.0]], $w, $h);
        $picture->compositeImage($this->clouds($w, (int) (0.6 * $h), 3, 9), \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $picture->compositeImage($this->clouds($w, (int) (0.42 * $h), 3, 40), \Imagick::COMPOSITE_OVERLAY, 0, (int) (0.58 * $h));
        $picture->compositeImage(self::glow($w, $h, 0.66, 0.5, 0.42, '#ffdf9a'), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $picture->compositeImage(self::glow($w, $h, 0.66, 0.64, 0.2, '#ff9a50'), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $draw = new \ImagickDraw();
        $draw->setFillColor(new \ImagickPixel('#ffe9b0'));
        $draw->circle(0.66 * $w, 0.5 * $h, 0.66 * $w + 46, 0.5 * $h);
        $draw->setFillColor(new \ImagickPixel('#1c1838'));
        $draw->polygon(self::ridge($w, 0.58 * $h, 34, 1.2));
        self::ferry($draw, 0.12 * $w, 0.68 * $h, 0.6 * $w);
        $draw->setFillColor(new \ImagickPixel('#120f26'));
        foreach ([0.83, 0.89, 0.95] as $i => $x) {
            $draw->rectangle($x * $w, (0.6 + 0.03 * $i) * $h, $x * $w + 16, $h);
        }
        $picture->drawImage($draw);
        $picture->compositeImage($this->grain($w, $h), \Imagick::COMPOSITE_OVERLAY, 0, 0);

        return $this->fading($picture, $w, $h);
    }

    /** @return string a JPEG: flags over a meadow in the morning */
    public function fieldDay(): string
    {
        [$w, $h] = [1400, 1100];
        $picture = self::bands([['#3f9fd8', 0.0], ['#a8dcf0', 0.36], ['#f4f3d8', 0.5], ['#8fc24a', 0.52], ['#4f9a2e', 0.72], ['#2c6a24', 1.0]], $w, $h);
        $picture->compositeImage($this->clouds($w, (int) (0.5 * $h), 4, 4), \Imagick::COMPOSITE_SOFTLIGHT, 0, 0);
        $picture->compositeImage($this->clouds($w, (int) (0.48 * $h), 8, 60), \Imagick::COMPOSITE_OVERLAY, 0, (int) (0.52 * $h));
        $picture->compositeImage(self::glow($w, $h, 0.2, 0.2, 0.45, '#fff6cc'), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $draw = new \ImagickDraw();
        $colours = ['#e2352c', '#f6c02c', '#2f6fc4', '#f07a24', '#7a3f98', '#2e9a62'];
        foreach ([[0.1, 0.30], [0.16, 0.42]] as $row => [$top, $dip]) {
            for ($i = 0; $i < 15; ++$i) {
                $x = ($i + 0.25) / 15 * $w;
                $y = ($top + ($dip - $top) * 4 * ($i / 14) * (1 - $i / 14) * 0.5) * $h;
                $draw->setFillColor(new \ImagickPixel($colours[($i + 2 * $row) % 6]));
                $draw->polygon([['x' => $x, 'y' => $y], ['x' => $x + 62, 'y' => $y], ['x' => $x + 31, 'y' => $y + 84]]);
            }
        }
        foreach ([[0.2, 0.7, 90, '#d8402f'], [0.47, 0.64, 120, '#f2b41e'], [0.78, 0.72, 104, '#2c63b8']] as [$x, $y, $r, $colour]) {
            self::ball($draw, $x * $w, $y * $h, $r, $colour);
        }
        $picture->drawImage($draw);
        foreach ([[0.2, 0.7, 0.06], [0.47, 0.64, 0.08], [0.78, 0.72, 0.07]] as [$x, $y, $r]) {
            $picture->compositeImage(self::glow($w, $h, $x - 0.02, $y - 0.035, $r, '#ffffff'), \Imagick::COMPOSITE_SCREEN, 0, 0);
        }
        $picture->compositeImage($this->grain($w, $h), \Imagick::COMPOSITE_OVERLAY, 0, 0);

        return self::jpeg($picture);
    }

    /** @return string a JPEG: paper lanterns over a lane at night */
    public function nightMarket(): string
    {
        [$w, $h] = [1100, 1300];
        $picture = self::bands([['#0c1230', 0.0], ['#1a1f4a', 0.4], ['#3a2340', 0.7], ['#14101e', 1.0]], $w, $h);
        $picture->compositeImage($this->clouds($w, $h, 4, 5), \Imagick::COMPOSITE_OVERLAY, 0, 0);
        $draw = new \ImagickDraw();
        $lights = [];
        foreach ([[0.18, 0.2, 92, '#e8402c'], [0.44, 0.13, 74, '#f2b030'], [0.72, 0.22, 100, '#e86a2a'], [0.3, 0.42, 70, '#3fa08a'], [0.6, 0.45, 82, '#d83a5c'], [0.86, 0.5, 66, '#f0c850'], [0.14, 0.58, 58, '#f08a3a']] as [$x, $y, $r, $colour]) {
            $draw->setFillColor(new \ImagickPixel('#0a0a14'));
            $draw->rectangle($x * $w - 2, 0, $x * $w + 2, $y * $h);
            self::ball($draw, $x * $w, $y * $h, $r, $colour);
            $lights[] = [$x, $y, 2.4 * $r / $w, $colour];
        }
        $draw->setFillColor(new \ImagickPixel('#080810'));
        $draw->polygon([['x' => 0, 'y' => $h], ['x' => 0, 'y' => 0.8 * $h], ['x' => 0.3 * $w, 'y' => 0.74 * $h], ['x' => 0.36 * $w, 'y' => $h]]);
        $draw->polygon([['x' => $w, 'y' => $h], ['x' => $w, 'y' => 0.76 * $h], ['x' => 0.68 * $w, 'y' => 0.72 * $h], ['x' => 0.6 * $w, 'y' => $h]]);
        $picture->drawImage($draw);
        foreach ($lights as [$x, $y, $r, $colour]) {
            $picture->compositeImage(self::glow($w, $h, $x, $y, $r, $colour), \Imagick::COMPOSITE_SCREEN, 0, 0);
            $picture->compositeImage(self::glow($w, $h, $x, $y, $r / 3, '#fff0c8'), \Imagick::COMPOSITE_SCREEN, 0, 0);
        }
        $picture->compositeImage(self::glow($w, $h, 0.48, 0.92, 0.3, '#c86a38'), \Imagick::COMPOSITE_SCREEN, 0, 0);
        $picture->compositeImage($this->grain($w, $h), \Imagick::COMPOSITE_OVERLAY, 0, 0);

        return self::jpeg($picture);
    }

    /** @return string a JPEG: kelp in shafts of light, for an edition on paper */
    public function kelpForest(): string
    {
        [$w, $h] = [1200, 1500];
        $picture = self::bands([['#eef2d6', 0.0], ['#a8d0b4', 0.22], ['#5a9a94', 0.52], ['#2a5a66', 1.0]], $w, $h);
        $draw = new \ImagickDraw();
        $draw->setFillColor(new \ImagickPixel('rgba(246,246,214,0.35)'));
        foreach ([0.16, 0.38, 0.61] as $i => $x) {
            $draw->polygon([['x' => $x * $w, 'y' => 0], ['x' => ($x + 0.09) * $w, 'y' => 0], ['x' => ($x + 0.26) * $w, 'y' => (0.7 + 0.06 * $i) * $h], ['x' => ($x + 0.07) * $w, 'y' => (0.8 + 0.05 * $i) * $h]]);
        }
        $picture->drawImage($draw);
        $picture->compositeImage($this->clouds($w, $h, 3, 7), \Imagick::COMPOSITE_SOFTLIGHT, 0, 0);
        $draw = new \ImagickDraw();
        foreach ([[0.12, '#6f8a3c', 30], [0.3, '#8c9a48', 22], [0.52, '#4f6a34', 36], [0.7, '#7d8f40', 24], [0.88, '#3f5a34', 34]] as $i => [$x, $colour, $width]) {
            $this->frond($draw, $x * $w, $h, (0.12 + 0.08 * ($i % 3)) * $h, $width, $colour, turn: $i);
        }
        foreach ([[0.42, 0.36, '#d8843c'], [0.62, 0.5, '#c8703a'], [0.24, 0.62, '#e0a050']] as [$x, $y, $colour]) {
            self::fish($draw, $x * $w, $y * $h, 74, $colour);
        }
        $draw->setFillColor(new \ImagickPixel('#23363c'));
        $draw->polygon([...self::ridge($w, 0.93 * $h, 40, 0.4), ['x' => $w, 'y' => $h], ['x' => 0, 'y' => $h]]);
        $picture->drawImage($draw);
        $picture->blurImage(0, 0.8);

        return self::jpeg($picture);
    }

    /**
     * @param list<array{string, float}> $stops colour and share of the height
     */
    private static function bands(array $stops, int $width, int $height): \Imagick
    {
        $picture = new \Imagick();
        $picture->newImage($width, $height, new \ImagickPixel($stops[0][0]));
        for ($i = 0; $i + 1 < \count($stops); ++$i) {
            [$from, $to] = [(int) ($stops[$i][1] * $height), (int) ($stops[$i + 1][1] * $height)];
            $band = new \Imagick();
            $band->newPseudoImage($width, max(1, $to - $from), \sprintf('gradient:%s-%s', $stops[$i][0], $stops[$i + 1][0]));
            $picture->compositeImage($band, \Imagick::COMPOSITE_OVER, 0, $from);
        }

        return $picture;
    }

    /** Softened sums of random fields. */
    private function clouds(int $width, int $height, int $across, int $down): \Imagick
    {
        $sum = new \Imagick();
        $sum->newImage($width, $height, new \ImagickPixel('#808080'));
        for ($octave = 0; $octave < 4; ++$octave) {
            [$x, $y] = [max(2, $across << $octave), max(2, $down << $octave)];
            $field = new \Imagick();
            $field->readImageBlob(\sprintf("P5 %d %d 255\n", $x, $y).$this->chance->getBytes($x * $y), 'noise.pgm');
            $field->resizeImage($width, $height, \Imagick::FILTER_CATROM, 1);
            $field->setImageAlphaChannel(\Imagick::ALPHACHANNEL_SET);
            $field->evaluateImage(\Imagick::EVALUATE_MULTIPLY, 0.5 / (1 + $octave), \Imagick::CHANNEL_ALPHA);
            $sum->compositeImage($field, \Imagick::COMPOSITE_OVER, 0, 0);
        }

        return $sum;
    }

    private function grain(int $width, int $height): \Imagick
    {
        $grain = new \Imagick();
        $softer = implode('', array_map(static fn (int $b): string => \chr(116 + intdiv($b * 24, 255)), range(0, 255)));
        $grain->readImageBlob(\sprintf("P5 %d %d 255\n", $width, $height).strtr($this->chance->getBytes(max(1, $width * $height)), implode('', array_map(\chr(...), range(0, 255))), $softer), 'grain.pgm');
        $grain->blurImage(0, 0.7);

        return $grain;
    }

    private static function glow(int $width, int $height, float $x, float $y, float $radius, string $colour): \Imagick
    {
        $reach = max(4, (int) ($radius * $width));
        $light = new \Imagick();
        $light->newPseudoImage(2 * $reach, 2 * $reach, \sprintf('radial-gradient:%s-#000000', $colour));
        $light->evaluateImage(\Imagick::EVALUATE_POW, 1.8);
        $dark = new \Imagick();
        $dark->newImage($width, $height, new \ImagickPixel('black'));
        $dark->compositeImage($light, \Imagick::COMPOSITE_OVER, (int) ($x * $width) - $reach, (int) ($y * $height) - $reach);

        return $dark;
    }

    /** @return list<array{x: float, y: float}> */
    private static function ridge(int $width, float $y, float $swing, float $phase): array
    {
        $points = [['x' => 0.0, 'y' => $y + 3]];
        for ($x = 0; $x <= $width; $x += 20) {
            $points[] = ['x' => (float) $x, 'y' => $y - $swing * (0.55 + 0.45 * sin($phase + $x / 190) + 0.2 * sin($x / 53))];
        }
        $points[] = ['x' => (float) $width, 'y' => $y + 3];

        return $points;
    }

    private static function ferry(\ImagickDraw $draw, float $x, float $y, float $long): void
    {
        $fill = static function (string $colour) use ($draw): void {
            $draw->setFillColor(new \ImagickPixel($colour));
        };
        $fill('#b8402c');
        $draw->polygon([['x' => $x, 'y' => $y], ['x' => $x + $long, 'y' => $y], ['x' => $x + 0.94 * $long, 'y' => $y + 0.09 * $long], ['x' => $x + 0.07 * $long, 'y' => $y + 0.09 * $long]]);
        $fill('#1e2450');
        $draw->polygon([['x' => $x, 'y' => $y - 0.01 * $long], ['x' => $x + $long, 'y' => $y - 0.01 * $long], ['x' => $x + 0.985 * $long, 'y' => $y + 0.035 * $long], ['x' => $x + 0.02 * $long, 'y' => $y + 0.035 * $long]]);
        foreach ([[0.08, 0.92, 0.075, '#f2e4c8'], [0.16, 0.84, 0.14, '#e8d4b0'], [0.3, 0.62, 0.19, '#f6ead2']] as [$from, $to, $up, $colour]) {
            $fill($colour);
            $draw->rectangle($x + $from * $long, $y - $up * $long, $x + $to * $long, $y - ($up - 0.062) * $long);
        }
        for ($i = 0; $i < 14; ++$i) {
            $fill($i % 3 === 0 ? '#f9c95a' : '#40305e');
            $draw->rectangle($x + (0.12 + 0.055 * $i) * $long, $y - 0.058 * $long, $x + (0.145 + 0.055 * $i) * $long, $y - 0.03 * $long);
        }
        $fill('#c2483f');
        $draw->rectangle($x + 0.42 * $long, $y - 0.29 * $long, $x + 0.5 * $long, $y - 0.19 * $long);
        $fill('#1c1838');
        $draw->rectangle($x + 0.42 * $long, $y - 0.31 * $long, $x + 0.5 * $long, $y - 0.28 * $long);
    }

    private static function ball(\ImagickDraw $draw, float $x, float $y, float $radius, string $colour): void
    {
        $draw->setFillColor(new \ImagickPixel($colour));
        $draw->circle($x, $y, $x + $radius, $y);
        $draw->setFillColor(new \ImagickPixel('rgba(0,0,0,0.16)'));
        $draw->ellipse($x + 0.2 * $radius, $y + 0.25 * $radius, 0.72 * $radius, 0.68 * $radius, 0, 360);
    }

    private function frond(\ImagickDraw $draw, float $x, float $from, float $to, float $width, string $colour, int $turn): void
    {
        $draw->setFillColor(new \ImagickPixel($colour));
        $left = $right = [];
        for ($y = $from; $y >= $to; $y -= 30) {
            $sway = 46 * sin($turn + $y / 210);
            $thin = $width * (0.35 + 0.65 * ($y - $to) / max(1.0, $from - $to));
            $left[] = ['x' => $x + $sway - $thin / 2, 'y' => $y];
            array_unshift($right, ['x' => $x + $sway + $thin / 2, 'y' => $y]);
            if ((int) ($y / 30) % 3 === $turn % 3) {
                $side = (int) ($y / 30) % 2 === 0 ? 1 : -1;
                $long = 90 + 50 * $this->chance->getInt(0, 1000) / 1000;
                $draw->polygon([['x' => $x + $sway, 'y' => $y - 16], ['x' => $x + $sway + $side * $long, 'y' => $y - 54], ['x' => $x + $sway + $side * 0.5 * $long, 'y' => $y + 12], ['x' => $x + $sway, 'y' => $y + 14]]);
            }
        }
        $draw->polygon([...$left, ...$right]);
    }

    private static function fish(\ImagickDraw $draw, float $x, float $y, float $long, string $colour): void
    {
        $draw->setFillColor(new \ImagickPixel($colour));
        $draw->ellipse($x, $y, $long, 0.42 * $long, 0, 360);
        $draw->polygon([['x' => $x - 0.8 * $long, 'y' => $y], ['x' => $x - 1.5 * $long, 'y' => $y - 0.4 * $long], ['x' => $x - 1.5 * $long, 'y' => $y + 0.4 * $long]]);
        $draw->setFillColor(new \ImagickPixel('#22343a'));
        $draw->circle($x + 0.55 * $long, $y - 0.08 * $long, $x + 0.63 * $long, $y - 0.08 * $long);
    }

    private static function jpeg(\Imagick $picture): string
    {
        $picture->setImageFormat('jpeg');
        $picture->setImageCompressionQuality(90);
        $picture->stripImage();

        return $picture->getImageBlob();
    }

    /** @return string PNG whose edges run out raggedly */
    private function fading(\Imagick $picture, int $w, int $h): string
    {
        $mask = new \Imagick();
        $mask->newImage($w, $h, new \ImagickPixel('black'));
        $inner = new \ImagickDraw();
        $inner->setFillColor(new \ImagickPixel('white'));
        $points = [];
        foreach ([[60, 60, 1, 0], [$w - 60, 60, 0, 1], [$w - 60, $h - 60, -1, 0], [60, $h - 60, 0, -1]] as [$x, $y, $dx, $dy]) {
            $side = $dx !== 0 ? $w - 120 : $h - 120;
            for ($at = 0; $at < $side; $at += 24) {
                $in = 34 * $this->chance->getInt(0, 1000) / 1000;
                $points[] = ['x' => $x + $dx * $at - $dy * $in, 'y' => $y + $dy * $at + $dx * $in];
            }
        }
        $inner->polygon($points);
        $mask->drawImage($inner);
        $mask->blurImage(0, 14);
        $mask->setImageAlphaChannel(\Imagick::ALPHACHANNEL_DEACTIVATE);
        $picture->compositeImage($mask, \Imagick::COMPOSITE_COPYOPACITY, 0, 0);
        $picture->setImageFormat('png');
        $picture->stripImage();

        return $picture->getImageBlob();
    }
}
