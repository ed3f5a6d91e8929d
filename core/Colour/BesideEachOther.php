<?php

declare(strict_types=1);

namespace Ektype\Core\Colour;

/**
 * What inks look like whose dots lie beside each other, as those of one ruling and angle do: each covers the garment for
 * itself and none lies on another. In the n-th root of linear light (Yule–Nielsen) c = g + Σ aᵢ oᵢ (inkᵢ − g), with coverage a
 * and hiding power o.
 *
 * @phpstan-import-type Channels from Srgb
 */
final readonly class BesideEachOther
{
    /** @var list<float> */
    private array $bare;
    /** @var list<list<float>> what a full print of each ink adds to the garment, in the n-th root */
    private array $adds;

    /** @param list<LaidInk> $inks as they lie where they cover all */
    public function __construct(Srgb $garment, array $inks, private float $n = PrintedLayers::YULE_NIELSEN)
    {
        $bare = self::root($garment, $n);
        $this->bare = $bare;
        $this->adds = array_map(static fn (LaidInk $ink): array => array_map(static fn (float $k, float $g): float => $ink->hiding * ($k - $g), self::root($ink->ink, $n), $bare), $inks);
    }

    /** @param list<float> $coverages of each ink, 0–1, together 1 at the most */
    public function colour(array $coverages): Srgb
    {
        return Srgb::fromLinear($this->linear($coverages));
    }

    /** @param list<float> $coverages */
    public function lab(array $coverages): Lab
    {
        return Lab::fromLinear(...$this->linear($coverages));
    }

    /**
     * @param list<float> $coverages
     *
     * @return Channels
     */
    private function linear(array $coverages): array
    {
        [$r, $g, $b] = $this->bare;
        foreach ($coverages as $i => $coverage) {
            if ($coverage > 0) {
                [$dr, $dg, $db] = $this->adds[$i];
                $r += $coverage * $dr;
                $g += $coverage * $dg;
                $b += $coverage * $db;
            }
        }

        return [max(0.0, $r) ** $this->n, max(0.0, $g) ** $this->n, max(0.0, $b) ** $this->n];
    }

    /** @return list<float> */
    private static function root(Srgb $colour, float $n): array
    {
        return array_map(static fn (float $c): float => $c ** (1 / $n), $colour->linear());
    }
}
