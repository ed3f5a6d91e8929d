<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Separation\GivenInk;

/**
 * What many plates print over each other, and how that changes with each: in the n-th root of light a layer of coverage a and
 * hiding o leaves c (1 − a o) + ink a o, and a transparent one c (1 − a) + c ink a.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class LayeredInks
{
    /** @var Channels */
    private array $cloth;
    /** @var list<array{float, float, float, float, bool}> root of the light of each ink, its hiding, whether it is transparent; in print order */
    private array $layers;

    /** @param list<GivenInk> $inks in print order */
    public function __construct(Srgb $garment, array $inks, private float $n = PrintedLayers::YULE_NIELSEN)
    {
        $root = static function (Srgb $colour) use ($n): array {
            [$r, $g, $b] = $colour->linear();

            return [$r ** (1 / $n), $g ** (1 / $n), $b ** (1 / $n)];
        };
        $this->cloth = $root($garment);
        $this->layers = array_map(static fn (GivenInk $ink): array => [...$root($ink->colour), $ink->hiding, $ink->transparent], $inks);
    }

    /**
     * The print of some coverages: its light, and how that moves with each coverage.
     *
     * @param list<float> $coverages 0–1, in print order
     *
     * @return array{Channels, list<Channels>} roots of light, and what each adds to them
     */
    public function moved(array $coverages): array
    {
        [$r, $g, $b] = $this->cloth;
        $adds = [];
        $left = [];
        foreach ($this->layers as $i => [$kr, $kg, $kb, $hiding, $transparent]) {
            $a = $coverages[$i];
            if ($transparent) {
                $adds[] = [$r * ($kr - 1), $g * ($kg - 1), $b * ($kb - 1)];
                $left[] = [1 - $a * (1 - $kr), 1 - $a * (1 - $kg), 1 - $a * (1 - $kb)];
                [$r, $g, $b] = [$r * (1 - $a * (1 - $kr)), $g * (1 - $a * (1 - $kg)), $b * (1 - $a * (1 - $kb))];
                continue;
            }
            $adds[] = [$hiding * ($kr - $r), $hiding * ($kg - $g), $hiding * ($kb - $b)];
            $covers = $a * $hiding;
            $left[] = [1 - $covers, 1 - $covers, 1 - $covers];
            $r += $covers * ($kr - $r);
            $g += $covers * ($kg - $g);
            $b += $covers * ($kb - $b);
        }
        // What is printed later lets only so much of it through.
        [$tr, $tg, $tb] = [1.0, 1.0, 1.0];
        for ($i = \count($adds) - 1; $i >= 0; --$i) {
            $adds[$i] = [$tr * $adds[$i][0], $tg * $adds[$i][1], $tb * $adds[$i][2]];
            [$lr, $lg, $lb] = $left[$i];
            [$tr, $tg, $tb] = [$tr * $lr, $tg * $lg, $tb * $lb];
        }

        return [[$r, $g, $b], $adds];
    }

    /** @param list<float> $coverages */
    public function colour(array $coverages): Srgb
    {
        return Srgb::fromLinear(array_map(fn (float $c): float => max(0.0, $c) ** $this->n, $this->moved($coverages)[0]));
    }

    public function many(): int
    {
        return \count($this->layers);
    }

    /** Yule–Nielsen exponent. */
    public function exponent(): float
    {
        return $this->n;
    }
}
