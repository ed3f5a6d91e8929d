<?php

declare(strict_types=1);

namespace Ektype\Core\StrikeOff;

use Ektype\Core\Colour\Srgb;
use Ektype\Core\Unit\Point;

/**
 * The picture of a strike-off. Places are pixels from its top left corner, right and down.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class Scan
{
    public int $width;
    public int $height;

    /** @param float $ppi pixels an inch */
    public function __construct(private \GdImage $picture, public float $ppi)
    {
        if (!imageistruecolor($picture)) {
            imagepalettetotruecolor($picture);
        }
        $this->width = imagesx($picture);
        $this->height = imagesy($picture);
    }

    public function perMm(): float
    {
        return $this->ppi / 25.4;
    }

    /**
     * How light it is along a way through the colours, one number a place, every so many pixels; each is the mean of its square.
     *
     * @param Channels $way
     *
     * @return list<float> row by row
     */
    public function along(array $way, int $step): array
    {
        [$across, $down] = [intdiv($this->width, $step), intdiv($this->height, $step)];
        $small = imagecreatetruecolor(max(1, $across), max(1, $down));
        if ($small === false) {
            throw new \RuntimeException('There is no memory for a small copy of the scan.');
        }
        imagecopyresampled($small, $this->picture, 0, 0, 0, 0, $across, $down, $across * $step, $down * $step);
        $values = [];
        [$red, $green, $blue] = $way;
        for ($y = 0; $y < $down; ++$y) {
            for ($x = 0; $x < $across; ++$x) {
                $at = (int) imagecolorat($small, $x, $y);
                $values[] = $red * ($at >> 16 & 255) + $green * ($at >> 8 & 255) + $blue * ($at & 255);
            }
        }

        return $values;
    }

    /**
     * The colour between four pixels.
     *
     * @return Channels|null red, green, blue, 0 to 255; null beyond the picture
     */
    public function colour(float $x, float $y): ?array
    {
        $x -= 0.5;
        $y -= 0.5;
        $left = (int) floor($x);
        $top = (int) floor($y);
        if ($left < 0 || $top < 0 || $left + 1 >= $this->width || $top + 1 >= $this->height) {
            return null;
        }
        [$right, $down] = [$x - $left, $y - $top];
        $a = (int) imagecolorat($this->picture, $left, $top);
        $b = (int) imagecolorat($this->picture, $left + 1, $top);
        $c = (int) imagecolorat($this->picture, $left, $top + 1);
        $d = (int) imagecolorat($this->picture, $left + 1, $top + 1);
        [$wa, $wb, $wc, $wd] = [(1 - $right) * (1 - $down), $right * (1 - $down), (1 - $right) * $down, $right * $down];

        return [
            $wa * ($a >> 16 & 255) + $wb * ($b >> 16 & 255) + $wc * ($c >> 16 & 255) + $wd * ($d >> 16 & 255),
            $wa * ($a >> 8 & 255) + $wb * ($b >> 8 & 255) + $wc * ($c >> 8 & 255) + $wd * ($d >> 8 & 255),
            $wa * ($a & 255) + $wb * ($b & 255) + $wc * ($c & 255) + $wd * ($d & 255),
        ];
    }

    /**
     * The mean along a way through the colours of a few places round one.
     *
     * @param Channels    $way
     * @param list<Point> $at  in pixels
     */
    public function mean(array $way, array $at): ?float
    {
        $sum = $count = 0.0;
        foreach ($at as $place) {
            $colour = $this->colour($place->xMm, $place->yMm);
            if ($colour !== null) {
                $sum += $way[0] * $colour[0] + $way[1] * $colour[1] + $way[2] * $colour[2];
                ++$count;
            }
        }

        return $count > 0 ? $sum / $count : null;
    }
}
