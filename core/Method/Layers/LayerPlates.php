<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Layers;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\BlueNoise;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\SideBySide;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\ToneWork;

/** A picture in steps: each layer of a chain prints where its tint is needed. */
final class LayerPlates
{
    /** What differs within so much of the print is no shape, mm (heuristic). */
    private const CALM_MM = 0.7;
    /** A grain is so wide, mm (heuristic): as fine as usual meshes hold, and as coarse as chalk. */
    private const SOFT_MM = 0.17;
    private const GRAIN_MM = 0.34;

    /**
     * @return list<BitPlane> in print order
     *
     * @throws \Ektype\Core\Unit\Refusal where the film cannot be
     */
    public static function of(ArtRaster $art, LayerChain $chain, LayerEdge $edge, float $widthMm, float $dpi, ToneWork $work): array
    {
        $grid = ToneGrid::for($widthMm, $art->width, $art->height, $dpi);
        $masks = self::masks($art, $chain, $edge, $grid->tonesAcross, $grid->tonesDown, $widthMm, work: $work);
        $screening = Screening::with(Supercell::for($dpi, 45.0, 45.0), Dot::Round, $grid->width);
        $reach = HardEdges::reach($art->width, $grid->tonesAcross);

        return array_map(static fn (ToneRaster $mask): BitPlane => $screening->film($mask, $grid->times, $grid->height, $edge === LayerEdge::Clean ? new HardEdges($mask, $reach) : null), $masks);
    }

    /** @return list<ToneRaster> for each layer 255 where it prints, 0 where not */
    public static function masks(ArtRaster $art, LayerChain $chain, LayerEdge $edge, int $across, int $down, float $widthMm, ToneWork $work, ?LayerTable $known = null): array
    {
        $tones = ArtTones::of(self::calm($art, $widthMm), $across, $down, $widthMm, $work);
        [$r, $g, $b] = $tones->channels();
        $layers = self::layers($known ?? LayerTable::of($chain, $edge), $edge, $r, $g, $b, $across, placeMm: $widthMm / $across);
        $all = implode('', array_map(\chr(...), range(0, 255)));
        $masks = [];
        foreach (array_keys($chain->tints) as $i) {
            $prints = implode('', array_map(static fn (int $set): string => ($set >> $i & 1) === 1 ? "\xff" : "\0", range(0, 255)));
            $masks[] = $tones->where(strtr($layers, $all, $prints));
        }

        return $masks;
    }

    /** @return string which layers each place has, a byte a place */
    private static function layers(LayerTable $table, LayerEdge $edge, string $r, string $g, string $b, int $across, float $placeMm): string
    {
        [$first, $second, $part] = [$table->first, $table->second, $table->part];
        $axis = static fn (int $stride): array => array_map(static fn (int $code): int => $stride * (int) round($code * (LayerTable::STEPS - 1) / 255), range(0, 255));
        [$red, $green, $blue] = [$axis(1), $axis(LayerTable::STEPS), $axis(LayerTable::STEPS ** 2)];
        $grain = max(1, (int) round(($edge === LayerEdge::Grain ? self::GRAIN_MM : self::SOFT_MM) / $placeMm));
        $thresholds = $edge === LayerEdge::Clean ? '' : BlueNoise::thresholds();
        $bands = [];
        $length = 256 * $across;
        for ($from = 0, $all = \strlen($r); $from < $all; $from += $length) {
            $to = min($all, $from + $length);
            $bands[] = static function () use ($from, $to, $across, $r, $g, $b, $red, $green, $blue, $first, $second, $part, $edge, $grain, $thresholds): string {
                $out = str_repeat("\0", $to - $from);
                for ($at = $from; $at < $to; ++$at) {
                    $node = $red[\ord($r[$at])] + $green[\ord($g[$at])] + $blue[\ord($b[$at])];
                    if ($edge !== LayerEdge::Clean) {
                        $x = intdiv($at % $across, $grain) % BlueNoise::SIDE;
                        $y = intdiv(intdiv($at, $across), $grain) % BlueNoise::SIDE;
                        if ($part[$node] >= $thresholds[$x + BlueNoise::SIDE * $y]) {
                            $out[$at - $from] = $second[$node];
                            continue;
                        }
                    }
                    $out[$at - $from] = $first[$node];
                }

                return $out;
            };
        }

        return implode('', SideBySide::all($bands, \count($bands) > 2));
    }

    /** The picture without what is finer than a shape. */
    private static function calm(ArtRaster $art, float $widthMm): ArtRaster
    {
        $px = self::CALM_MM / 2 / $widthMm * $art->width;
        if ($px < 0.4) {
            return $art;
        }
        $picture = new \Imagick();
        $picture->readImageBlob(\sprintf("P6 %d %d 255\n", $art->width, $art->height).$art->rgb, 'art.ppm');
        $picture->blurImage(0, $px);
        $picture->setImageDepth(8);
        $picture->setImageFormat('RGB');

        return new ArtRaster($art->width, $art->height, $picture->getImageBlob(), $art->seeThrough, alpha: $art->alpha);
    }
}
