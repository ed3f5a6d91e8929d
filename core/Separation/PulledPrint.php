<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Colour\BesideEachOther;
use Ektype\Core\Colour\LaidInk;
use Ektype\Core\Colour\PrintedLayers;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Plate\Substrate;
use Ektype\Core\Raster\CoverageMap;

/** The print as it stands after some of its plates, pixel by pixel; where no ink lies the picture is clear. */
final class PulledPrint
{
    /** Ink straight on cloth sinks in and hides so much less than on a flashed base (heuristic). */
    public const SINKS = 0.18;

    public static function sinks(Substrate $substrate): float
    {
        return $substrate->drinksInk() ? self::SINKS : 0.0;
    }

    /**
     * @param list<PulledLayer> $layers in print order
     * @param float             $sinks  how much of its hiding an ink loses straight on the substrate, 0–1
     *
     * @return string RGBA, four bytes a pixel
     */
    public static function rgba(Srgb $garment, array $layers, float $sinks = self::SINKS): string
    {
        if ($layers === []) {
            return '';
        }
        $mixing = new PrintedLayers();
        $length = \strlen($layers[0]->coverage->bytes);
        $clear = "\0\0\0\0";
        /** @var array<string, string> $known pixel by its coverages */
        $known = [];
        $out = [];
        // Equal neighbours are taken as one run: the parts of a print are mostly flat.
        $any = str_repeat("\0", $length);
        foreach ($layers as $layer) {
            $bytes = $layer->coverage->bytes;
            $any |= $bytes ^ ("\0".substr($bytes, 0, -1));
        }
        $at = 0;
        while ($at < $length) {
            $run = 1 + strspn($any, "\0", $at + 1);
            $key = '';
            foreach ($layers as $layer) {
                $key .= $layer->coverage->bytes[$at];
            }
            $pixel = $known[$key] ??= trim($key, "\0") === '' ? $clear : self::pixel($garment, $layers, $key, $mixing, $sinks);
            $out[] = $run === 1 ? $pixel : str_repeat($pixel, $run);
            $at += $run;
        }

        return implode('', $out);
    }

    /**
     * The print by the way in which its plates make up a colour.
     *
     * @param list<PulledLayer> $layers in print order
     * @param float             $sinks  how much of its hiding an ink loses straight on the substrate, 0–1; dots and squares tell their hiding as they lie
     *
     * @return string RGBA, four bytes a pixel
     */
    public static function laid(PlatesLaid $how, Srgb $garment, array $layers, float $sinks): string
    {
        return match ($how) {
            PlatesLaid::Over => self::rgba($garment, $layers, $sinks),
            PlatesLaid::Beside => self::beside($garment, $layers),
            PlatesLaid::Squares => self::beside($garment, self::onTheirBase($garment, $layers)),
        };
    }

    /**
     * Squares beside each other: each ink with what it looks like on the base, and the base where no ink lies on it.
     *
     * @param list<PulledLayer> $layers
     *
     * @return list<PulledLayer>
     */
    private static function onTheirBase(Srgb $garment, array $layers): array
    {
        $base = array_values(array_filter($layers, static fn (PulledLayer $l): bool => $l->isBase))[0] ?? null;
        $mixing = new PrintedLayers();
        $under = $base === null ? $garment : $mixing->over($garment, [new LaidInk($base->ink, 1.0, $base->hiding)]);
        $squares = [];
        $bare = $base?->coverage->bytes;
        foreach ($layers as $layer) {
            if ($layer->isBase) {
                continue;
            }
            $squares[] = new PulledLayer($layer->coverage, $mixing->over($under, [new LaidInk($layer->ink, 1.0, $layer->hiding)]), 1.0);
            if ($bare !== null) {
                for ($i = 0, $n = \strlen($bare); $i < $n; ++$i) {
                    if ($layer->coverage->bytes[$i] !== "\0") {
                        $bare[$i] = \chr(max(0, \ord($bare[$i]) - \ord($layer->coverage->bytes[$i])));
                    }
                }
            }
        }

        return $base === null || $bare === null ? $squares : [new PulledLayer(new CoverageMap($base->coverage->width, $base->coverage->height, $base->coverage->filmPixels, $bare), $under, 1.0), ...$squares];
    }

    /**
     * The same where the dots of the plates lie beside each other.
     *
     * @param list<PulledLayer> $layers their hiding as they lie
     *
     * @return string RGBA, four bytes a pixel
     */
    public static function beside(Srgb $garment, array $layers): string
    {
        if ($layers === []) {
            return '';
        }
        $model = new BesideEachOther($garment, array_map(static fn (PulledLayer $l): LaidInk => new LaidInk($l->ink, 1.0, $l->hiding), $layers));
        $maps = array_map(static fn (PulledLayer $l): string => $l->coverage->bytes, $layers);
        /** @var array<string, string> $known pixel by its coverages */
        $known = [];
        $out = '';
        for ($at = 0, $end = \strlen($maps[0]); $at < $end; ++$at) {
            $key = '';
            foreach ($maps as $map) {
                $key .= $map[$at];
            }
            $out .= $known[$key] ??= self::besidePixel($model, $key);
        }

        return $out;
    }

    private static function besidePixel(BesideEachOther $model, string $key): string
    {
        if (trim($key, "\0") === '') {
            return "\0\0\0\0";
        }
        $colour = $model->colour(array_map(static fn (string $byte): float => \ord($byte) / CoverageMap::FULL, str_split($key)));

        return \chr($colour->red).\chr($colour->green).\chr($colour->blue)."\xff";
    }

    /** @param list<PulledLayer> $layers */
    private static function pixel(Srgb $garment, array $layers, string $coverages, PrintedLayers $mixing, float $sinks): string
    {
        $stack = [];
        $below = 0.0;
        foreach ($layers as $i => $layer) {
            $coverage = \ord($coverages[$i]) / CoverageMap::FULL;
            $stack[] = new LaidInk($layer->ink, $coverage, $layer->hiding * (1 - $sinks * (1 - $below)), $layer->transparent);
            $below = 1 - (1 - $below) * (1 - $coverage);
        }
        $colour = $mixing->over($garment, $stack);

        return \chr($colour->red).\chr($colour->green).\chr($colour->blue)."\xff";
    }
}
