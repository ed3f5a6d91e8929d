<?php

declare(strict_types=1);

namespace Ektype\Tests\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/** Art whose truth is known: every point of the plane has a colour by formula; the picture is drawn by sampling it. */
final class KnownArt
{
    public const GARMENT = '#1b2436';
    public const STRAW = '#f0e2b0';
    public const RUST = '#b84a30';
    public const SAGE = '#8fb3a2';

    /** Colour at a point, mm from the top left of a print of 40 × 30 mm. */
    public static function at(float $x, float $y): string
    {
        return match (true) {
            hypot($x - 13, $y - 13) < 4 => self::SAGE,
            hypot($x - 13, $y - 13) < 9 => self::STRAW,
            $x > 24 && $x < 37 && $y > 6 && $y < 6 + ($x - 24) * 1.3 => self::RUST,
            $y > 25 && $y < 27.5 && $x > 3 && $x < 36 => self::STRAW,
            default => self::GARMENT,
        };
    }

    /** How far the nearest edge lies, mm, looked for in rings up to a millimetre. */
    public static function edgeDistance(float $x, float $y): float
    {
        $here = self::at($x, $y);
        for ($r = 0.02; $r < 1.0; $r += 0.02) {
            for ($a = 0; $a < 24; ++$a) {
                if (self::at($x + $r * cos($a * \M_PI / 12), $y + $r * sin($a * \M_PI / 12)) !== $here) {
                    return $r;
                }
            }
        }

        return 1.0;
    }

    /** Drawn with each pixel the mean of 6 × 6 samples, as a drawing program smooths. */
    public static function drawn(float $ppi): ArtRaster
    {
        $width = (int) round(40 / 25.4 * $ppi);
        $height = (int) round(30 / 25.4 * $ppi);
        $colours = [];
        foreach ([self::GARMENT, self::STRAW, self::RUST, self::SAGE] as $hex) {
            $colours[$hex] = Srgb::fromHex($hex);
        }
        $rgb = '';
        for ($j = 0; $j < $height; ++$j) {
            for ($i = 0; $i < $width; ++$i) {
                // Where the corners agree the pixel is plain: nothing in the art is finer than a pixel.
                $corners = [];
                foreach ([[0, 0], [1, 0], [0, 1], [1, 1]] as [$right, $down]) {
                    $corners[self::at(($i + $right) * 40 / $width, ($j + $down) * 30 / $height)] = true;
                }
                $sums = [0, 0, 0];
                for ($s = 0; $s < 36; ++$s) {
                    $hex = \count($corners) === 1 ? array_key_first($corners) : self::at(
                        ($i + ($s % 6 + 0.5) / 6) * 40 / $width,
                        ($j + (intdiv($s, 6) + 0.5) / 6) * 30 / $height,
                    );
                    $colour = $colours[$hex];
                    $factor = \count($corners) === 1 ? 36 : 1;
                    $sums[0] += $factor * $colour->red;
                    $sums[1] += $factor * $colour->green;
                    $sums[2] += $factor * $colour->blue;
                    if ($factor === 36) {
                        break;
                    }
                }
                $rgb .= \chr((int) round($sums[0] / 36)).\chr((int) round($sums[1] / 36)).\chr((int) round($sums[2] / 36));
            }
        }

        return new ArtRaster($width, $height, $rgb, false);
    }

    /** The same through a JPEG of quality 75. */
    public static function jpeg(float $ppi, bool $flagged = true): ArtRaster
    {
        $art = self::drawn($ppi);
        $picture = imagecreatetruecolor(max(1, $art->width), max(1, $art->height));
        for ($y = 0, $at = 0; $y < $art->height; ++$y) {
            for ($x = 0; $x < $art->width; ++$x, $at += 3) {
                imagesetpixel($picture, $x, $y, (\ord($art->rgb[$at]) << 16) | (\ord($art->rgb[$at + 1]) << 8) | \ord($art->rgb[$at + 2]));
            }
        }
        ob_start();
        imagejpeg($picture, null, 75);
        $picture = imagecreatefromstring((string) ob_get_clean());
        if ($picture === false) {
            throw new \RuntimeException('The JPEG could not be made.');
        }
        $rgb = '';
        for ($y = 0; $y < $art->height; ++$y) {
            for ($x = 0; $x < $art->width; ++$x) {
                $c = imagecolorat($picture, $x, $y);
                $rgb .= \chr(($c >> 16) & 255).\chr(($c >> 8) & 255).\chr($c & 255);
            }
        }

        return new ArtRaster($art->width, $art->height, $rgb, false, $flagged);
    }

    /** A picture of plain colour areas, given as rows of letters. */
    public static function blocks(int $scale, string ...$rows): ArtRaster
    {
        $colours = [
            '.' => self::GARMENT,
            's' => self::STRAW,
            'r' => self::RUST,
            'g' => self::SAGE,
            'w' => '#ffffff',
            'k' => '#101010',
            't' => '#efe1ae',
        ];
        $rgb = '';
        foreach ($rows as $row) {
            $line = '';
            foreach (str_split($row) as $letter) {
                $c = Srgb::fromHex($colours[$letter]);
                $line .= str_repeat(\chr($c->red).\chr($c->green).\chr($c->blue), $scale);
            }
            $rgb .= str_repeat($line, $scale);
        }

        return new ArtRaster(\strlen($rows[0]) * $scale, \count($rows) * $scale, $rgb, false);
    }
}
