<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Separation\StrokeWidths;
use Ektype\Core\Separation\ThinPlace;

/**
 * The base under what needs one: choked all round, so that no white shows beside the colour. Where a stroke is thinner
 * than twice the choke, the whole choke would leave it without a base: there it is choked by at most a quarter of the
 * stroke's own width, and the place is listed, thinnest first.
 */
final readonly class ChokedBase
{
    /** A right angle's corner lies (√2 − 1) radii beyond the disc that fills it: a loss within that is a corner and no stroke. */
    private const CORNER = 1.45;
    /** A base thinner than this is on no mesh to print, mm (heuristic): its stroke counts as too thin for the whole choke. */
    public const LEAST_BASE_MM = 0.15;
    /** How far thin strokes grow at once, pixels: no gap that is printed is narrower. */
    private const STEP = 2.0;
    /** Classes of thin strokes, in chokes of width, widest first. */
    private const CLASSES = [2.0, 1.5, 1.0, 0.5];

    /**
     * @param BitPlane        $whole   the base without what was added for thin strokes
     * @param list<ThinPlace> $limited where the choke was held back
     */
    private function __construct(public BitPlane $plane, public BitPlane $whole, public array $limited)
    {
    }

    /**
     * @param BitPlane $needed what must stand on a base
     * @param float    $choke  in pixels
     * @param float    $dpi    of the plane
     */
    public static function under(BitPlane $needed, float $choke, float $dpi): self
    {
        $whole = Spread::choke($needed, $choke + Spread::TO_THE_NEAREST);
        if ($choke + Spread::TO_THE_NEAREST < 1) {
            return new self($whole, $whole, []);
        }
        $radius = $choke + self::LEAST_BASE_MM / 2 / 25.4 * $dpi;
        $thin = $needed->without(Spread::by(Spread::choke($needed, $radius), self::CORNER * $radius + 1));
        if ($thin->isBlank()) {
            return new self($whole, $whole, []);
        }
        $left = self::grown($thin, $needed, $radius);
        $limit = 2 * $radius / $dpi * 25.4;
        $places = array_values(array_filter(StrokeWidths::of($left, $dpi)->lines, static fn (ThinPlace $p): bool => $p->widthMm < $limit));
        $base = $whole;
        foreach (self::CLASSES as $class) {
            $half = $class * $choke / 2;
            if ($half < 1) {
                break;
            }
            $here = $left->and(Spread::by(Spread::choke($left, $half), self::CORNER * $half + 1));
            $base = $base->or($here->and(Spread::choke($left, $half / 2)));
            $left = $left->without($here);
        }

        return new self($base->or($left), $whole, $places);
    }

    /**
     * Thin strokes with as much of what they run into as the choke reaches, and nothing across a gap: a wide shape that
     * only lies near is choked in full.
     */
    private static function grown(BitPlane $thin, BitPlane $within, float $radius): BitPlane
    {
        $grown = $thin;
        for ($left = $radius; $left >= 1; $left -= self::STEP) {
            $grown = Spread::by($grown, min(self::STEP, $left))->and($within);
        }

        return $grown;
    }
}
