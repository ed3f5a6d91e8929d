<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Mix\ImpossibleMix;

/**
 * Transparent tints over each other on paper: each multiplies what lies below, so of n tints 2ⁿ colours come. A colour is told
 * by its layers: bit i is set where layer i prints.
 */
final readonly class LayerChain
{
    public const MOST = 8;

    /** @var list<Srgb> by the layers that print */
    public array $colours;
    /** @var list<Lab> */
    private array $labs;

    /**
     * @param list<Srgb> $tints as each looks on white, in print order
     *
     * @throws ImpossibleMix where there are none, or too many
     */
    public function __construct(public Srgb $paper, public array $tints)
    {
        if ($tints === [] || \count($tints) > self::MOST) {
            throw ImpossibleMix::at('layers', \sprintf('%d layers cannot be printed over each other to be told apart: from 1 to %d can. Four are usual.', \count($tints), self::MOST));
        }
        $colours = [];
        for ($layers = 0, $all = 1 << \count($tints); $layers < $all; ++$layers) {
            $light = $paper->linear();
            foreach ($tints as $i => $tint) {
                if (($layers >> $i & 1) === 1) {
                    foreach ($tint->linear() as $c => $through) {
                        $light[$c] *= $through;
                    }
                }
            }
            $colours[] = Srgb::fromLinear([$light[0], $light[1], $light[2]]);
        }
        $this->colours = $colours;
        $this->labs = array_map(Lab::of(...), $colours);
    }

    /** @return array{int, float} the layers whose colour is nearest, and how far it is, ΔE76 */
    public function nearest(Lab $wished): array
    {
        [$best, $least] = [0, \INF];
        foreach ($this->labs as $layers => $lab) {
            $off = ($lab->l - $wished->l) ** 2 + ($lab->a - $wished->a) ** 2 + ($lab->b - $wished->b) ** 2;
            if ($off < $least) {
                [$best, $least] = [$layers, $off];
            }
        }

        return [$best, sqrt($least)];
    }

    /**
     * The two nearest, and how far the colour lies on the way from the first to the second.
     *
     * @return array{int, int, float} layers, layers, 0–0.5
     */
    public function between(Lab $wished): array
    {
        [$first] = $this->nearest($wished);
        $a = $this->labs[$first];
        [$second, $least, $part] = [$first, \INF, 0.0];
        foreach ($this->labs as $layers => $b) {
            if ($layers === $first) {
                continue;
            }
            [$l, $x, $y] = [$b->l - $a->l, $b->a - $a->a, $b->b - $a->b];
            $long = max(1e-9, $l * $l + $x * $x + $y * $y);
            $t = (($wished->l - $a->l) * $l + ($wished->a - $a->a) * $x + ($wished->b - $a->b) * $y) / $long;
            $t = max(0.0, min(0.5, $t));
            $off = ($a->l + $t * $l - $wished->l) ** 2 + ($a->a + $t * $x - $wished->a) ** 2 + ($a->b + $t * $y - $wished->b) ** 2;
            if ($off < $least) {
                [$second, $least, $part] = [$layers, $off, $t];
            }
        }

        return [$first, $second, $part];
    }
}
