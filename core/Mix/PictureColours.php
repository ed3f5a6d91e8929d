<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;

/**
 * The colours that a picture is made of, a few hundred of them, each with how much of the picture it is.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class PictureColours
{
    /** Pixels that are looked at. */
    private const SAMPLES = 60_000;
    /** Colours of one sixteenth of each channel count as one; the rarest join their nearest. */
    private const STEPS = 16;
    private const MOST = 200;

    /** @param non-empty-list<ColourShare> $colours their shares together 1; the most frequent first */
    private function __construct(public array $colours)
    {
    }

    /** What is clear of a picture is not counted: the garment has it. */
    public static function of(ArtRaster $art): self
    {
        $all = $art->width * $art->height;
        $looked = min(self::SAMPLES, $all);
        $bins = [];
        for ($i = 0; $i < $looked; ++$i) {
            // Spread by the golden ratio, so that no pattern of the picture is met in step.
            $at = $looked === $all ? $i : (int) ($all * fmod($i * 0.6180339887498949, 1.0));
            if ($art->alpha !== null && \ord($art->alpha[$at]) < 128) {
                continue;
            }
            [$r, $g, $b] = [\ord($art->rgb[3 * $at]), \ord($art->rgb[3 * $at + 1]), \ord($art->rgb[3 * $at + 2])];
            $key = (intdiv($r, self::STEPS) << 8) | (intdiv($g, self::STEPS) << 4) | intdiv($b, self::STEPS);
            $bin = $bins[$key] ?? [0, 0, 0, 0];
            $bins[$key] = [$bin[0] + 1, $bin[1] + $r, $bin[2] + $g, $bin[3] + $b];
        }
        usort($bins, static fn (array $a, array $b): int => $b[0] <=> $a[0]);
        $means = array_map(static fn (array $bin): array => [$bin[1] / $bin[0], $bin[2] / $bin[0], $bin[3] / $bin[0]], $bins);
        $counts = array_column(\array_slice($bins, 0, self::MOST), 0);
        foreach (\array_slice($bins, self::MOST, preserve_keys: true) as $i => [$count]) {
            $counts[self::nearest($means[$i], \array_slice($means, 0, self::MOST))] += $count;
        }
        $sum = array_sum($counts);
        $colours = [];
        foreach ($counts as $i => $count) {
            $colours[] = new ColourShare(new Srgb(...array_map(static fn (float $c): int => (int) round($c), $means[$i])), $count / $sum);
        }

        return $colours === [] ? throw ImpossibleMix::at('art', 'The picture is clear all over, so there is no colour to choose inks for. Bring one with something on it.') : new self($colours);
    }

    /** The most frequent of them. */
    public function first(int $many): self
    {
        $kept = \array_slice($this->colours, 0, max(1, $many));
        $all = array_sum(array_column($kept, 'share'));

        return new self(array_map(static fn (ColourShare $one): ColourShare => new ColourShare($one->colour, $one->share / $all), $kept));
    }

    /**
     * @param Channels       $rare
     * @param list<Channels> $kept
     */
    private static function nearest(array $rare, array $kept): int
    {
        [$best, $least] = [0, \INF];
        foreach ($kept as $i => $one) {
            $far = ($one[0] - $rare[0]) ** 2 + ($one[1] - $rare[1]) ** 2 + ($one[2] - $rare[2]) ** 2;
            if ($far < $least) {
                [$best, $least] = [$i, $far];
            }
        }

        return $best;
    }
}
