<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/**
 * What a stack of printed inks looks like on its garment.
 *
 * A layer of ink k with coverage a and hiding power o over colour c gives, in the n-th root of linear light,
 * c' = c (1 − a o) + ink a o (Yule–Nielsen with exponent n); a transparent one multiplies: c' = c (1 − a) + c ink a. Layers
 * apply in print order.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class PrintedLayers
{
    /** Yule–Nielsen exponent of light spreading in cloth (heuristic). */
    public const YULE_NIELSEN = 1.7;

    public function __construct(private float $n = self::YULE_NIELSEN)
    {
    }

    /**
     * @param Srgb          $garment colour of the bare cloth
     * @param list<LaidInk> $layers  in print order
     */
    public function over(Srgb $garment, array $layers): Srgb
    {
        $colour = $this->root($garment);
        foreach ($layers as $layer) {
            $weight = $layer->transparent ? $layer->coverage : $layer->coverage * $layer->hiding;
            $inkRoot = $this->root($layer->ink);
            foreach ([0, 1, 2] as $i) {
                $colour[$i] = $colour[$i] * (1 - $weight) + $inkRoot[$i] * $weight * ($layer->transparent ? $colour[$i] : 1.0);
            }
        }

        return Srgb::fromLinear([$colour[0] ** $this->n, $colour[1] ** $this->n, $colour[2] ** $this->n]);
    }

    /** @return Channels */
    private function root(Srgb $colour): array
    {
        [$r, $g, $b] = $colour->linear();

        return [$r ** (1 / $this->n), $g ** (1 / $this->n), $b ** (1 / $this->n)];
    }
}
