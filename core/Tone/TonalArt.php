<?php

declare(strict_types=1);

namespace Ektype\Core\Tone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/**
 * Whether a picture is made of tones and not of flat colours. Two places that lie a little apart have one colour in flat art, or
 * two that are plainly different; in a photograph or a painting they differ by a little.
 *
 * @phpstan-import-type Channels from Srgb
 */
final class TonalArt
{
    private const SAMPLES = 3000;
    /** Places are means over so many pixels each way. */
    private const ROUND = 2;
    /** Whole means away, pixels: what differs there is grain. */
    private const NEXT = 6;
    /** More than so many times of it is none (heuristic). */
    private const OF_GRAIN = 4.0;
    /** Places are compared so far apart, share of the longer side (heuristic). */
    private const APART = 0.1;
    /** Less than this is one colour, grain and compression included, more than that is another one, of 255 (heuristic). */
    private const ALIKE = 5;
    private const ANOTHER = 40;
    /** From this share of places on that differ by a little, a picture is tonal (heuristic). */
    private const TONAL = 0.2;

    public static function isOne(ArtRaster $art): bool
    {
        return self::shareOfBlends($art) > self::TONAL;
    }

    /** @return float of the places of a picture, how many differ by a little from one nearby and by more than grain does, 0–1 */
    public static function shareOfBlends(ArtRaster $art): float
    {
        $next = array_values(array_filter(self::differences($art, self::NEXT), static fn (float $d): bool => $d < self::ANOTHER));
        sort($next);
        $grain = max(self::ALIKE, self::OF_GRAIN * ($next[intdiv(\count($next), 4)] ?? 0.0));
        $far = self::differences($art, max(2 * self::NEXT, (int) round(self::APART * max($art->width, $art->height))));

        return $far === [] ? 0.0 : \count(array_filter($far, static fn (float $d): bool => $d > $grain && $d < self::ANOTHER)) / \count($far);
    }

    /** @return list<float> by how much places differ from one so many pixels away, of 255 */
    private static function differences(ArtRaster $art, int $apart): array
    {
        $differences = [];
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            $x = (int) ($art->width * fmod($i * 0.7548776662466927, 1.0));
            $y = (int) ($art->height * fmod($i * 0.5698402909980532, 1.0));
            [$otherX, $otherY] = ($i & 1) === 0 ? [$x + $apart, $y] : [$x, $y + $apart];
            if ($otherX < $art->width && $otherY < $art->height) {
                [$one, $two] = [self::mean($art, $x, $y), self::mean($art, $otherX, $otherY)];
                $differences[] = max(abs($one[0] - $two[0]), abs($one[1] - $two[1]), abs($one[2] - $two[2]));
            }
        }

        return $differences;
    }

    /**
     * Round a place: grain is evened out.
     *
     * @return Channels
     */
    private static function mean(ArtRaster $art, int $x, int $y): array
    {
        [$red, $green, $blue, $count] = [0, 0, 0, 0];
        for ($j = max(0, $y - self::ROUND); $j <= min($art->height - 1, $y + self::ROUND); ++$j) {
            for ($i = max(0, $x - self::ROUND); $i <= min($art->width - 1, $x + self::ROUND); ++$i) {
                $at = 3 * ($j * $art->width + $i);
                $red += \ord($art->rgb[$at]);
                $green += \ord($art->rgb[$at + 1]);
                $blue += \ord($art->rgb[$at + 2]);
                ++$count;
            }
        }

        return [$red / $count, $green / $count, $blue / $count];
    }
}
