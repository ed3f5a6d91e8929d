<?php

declare(strict_types=1);

namespace Ektype\Core\Advice;

use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\Hiding;
use Ektype\Core\Raster\CoverageMap;
use Ektype\Core\Separation\FirstPlate;

/**
 * How much a print drifts over a run: each ink’s dots grow and shrink by some per cent of tone, the most at half tone (4 a (1 - a) of it),
 * one ink apart from the other; solid ink and bare cloth do not move. Mean over the picture of the root of the sum of squares, ΔE00.
 */
final class Repeatability
{
    /** Of a half tone (heuristic: what hand and press hold over a run). */
    private const DRIFT = 0.03;
    private const SAMPLES = 500;

    /** @param list<FirstPlate> $plates in print order, of one size */
    public static function of(array $plates, Srgb $garment): float
    {
        $maps = array_map(static fn (FirstPlate $p): ?CoverageMap => $p->seen instanceof CoverageMap ? $p->seen : null, $plates);
        $sized = array_values(array_filter($maps));
        if ($sized === []) {
            return 0.0;
        }
        $layers = new PrintedLayers();
        $pixels = \strlen($sized[0]->bytes);
        $sum = 0.0;
        for ($i = 0; $i < self::SAMPLES; ++$i) {
            $at = (int) ($pixels * fmod($i * 0.6180339887498949, 1.0));
            $here = [];
            foreach ($plates as $k => $plate) {
                $map = $maps[$k];
                $here[] = new LaidInk($plate->colour, $map === null ? 0.0 : \ord($map->bytes[$at] ?? "\0") / CoverageMap::FULL, $plate->hiding ?? Hiding::USUAL, $plate->transparent);
            }
            $printed = Lab::of($layers->over($garment, $here));
            $squares = 0.0;
            foreach ($here as $k => $laid) {
                $moved = self::DRIFT * 4 * $laid->coverage * (1 - $laid->coverage);
                if ($moved > 0) {
                    $drifted = $here;
                    $drifted[$k] = new LaidInk($laid->ink, min(1.0, $laid->coverage + $moved), $laid->hiding, $laid->transparent);
                    $squares += Ciede2000::between($printed, Lab::of($layers->over($garment, array_values($drifted)))) ** 2;
                }
            }
            $sum += sqrt($squares);
        }

        return $sum / self::SAMPLES;
    }
}
