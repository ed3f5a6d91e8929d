<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Raster\CoverageMap;

/** The print as it stands after some of its plates, pixel by pixel; where no ink lies the picture is clear. */
final class PulledPrint
{
    /** Ink straight on cloth sinks in and hides so much less than on a flashed base (heuristic). */
    public const SINKS = 0.18;

    /** Cloth drinks ink; paper and hard surfaces hold it on top. */
    public static function sinks(string $substrate): float
    {
        return \in_array($substrate, ['paper', 'rigid'], true) ? 0.0 : self::SINKS;
    }

    /**
     * @param list<array{CoverageMap, Srgb, float}> $layers coverage, ink colour and hiding power, in print order
     * @param float                                 $sinks  how much of its hiding an ink loses straight on the substrate, 0–1
     *
     * @return string RGBA, four bytes a pixel
     */
    public static function rgba(Srgb $garment, array $layers, float $sinks = self::SINKS): string
    {
        if ($layers === []) {
            return '';
        }
        $mixing = new PrintedLayers();
        $length = \strlen($layers[0][0]->bytes);
        $clear = "\0\0\0\0";
        /** @var array<string, string> $known pixel by its coverages */
        $known = [];
        $out = [];
        // Equal neighbours are taken as one run: the parts of a print are mostly flat.
        $any = str_repeat("\0", $length);
        foreach ($layers as [$map]) {
            $any |= $map->bytes ^ ("\0".substr($map->bytes, 0, -1));
        }
        $at = 0;
        while ($at < $length) {
            $run = 1 + strspn($any, "\0", $at + 1);
            $key = '';
            foreach ($layers as [$map]) {
                $key .= $map->bytes[$at];
            }
            $pixel = $known[$key] ??= trim($key, "\0") === '' ? $clear : self::pixel($garment, $layers, $key, $mixing, $sinks);
            $out[] = $run === 1 ? $pixel : str_repeat($pixel, $run);
            $at += $run;
        }

        return implode('', $out);
    }

    /** @param list<array{CoverageMap, Srgb, float}> $layers */
    private static function pixel(Srgb $garment, array $layers, string $coverages, PrintedLayers $mixing, float $sinks): string
    {
        $stack = [];
        $below = 0.0;
        foreach ($layers as $i => [, $ink, $hiding]) {
            $coverage = \ord($coverages[$i]) / CoverageMap::FULL;
            $stack[] = [$ink, $coverage, $hiding * (1 - $sinks * (1 - $below))];
            $below = 1 - (1 - $below) * (1 - $coverage);
        }
        $colour = $mixing->over($garment, $stack);

        return \chr($colour->red).\chr($colour->green).\chr($colour->blue)."\xff";
    }
}
