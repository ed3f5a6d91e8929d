<?php

declare(strict_types=1);

namespace Ektype\Core\Mix;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Halftone\ToneCurve;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\FlatAreas;
use Ektype\Core\Tone\PixelTables;
use Ektype\Core\Tone\SmallLook;
use Ektype\Core\Tone\ToneWork;
use Ektype\Core\Tone\UsedNodes;

/** What a table of colours prints of a picture, small: every pixel looked up in the colours that come out. */
final class MixPicture
{
    /** Places beside each other take the lower and the upper step in turn. */
    private const TURNS = [[0.125, 0.625], [0.875, 0.375]];

    /**
     * @param string              $prints the colour that is printed at each step, three bytes each
     * @param array<string, Srgb> $flats  what areas of a colour print as that print solid, by its hex
     */
    public static function of(ArtTones $art, string $prints, Srgb $garment, array $flats = []): \Imagick
    {
        [$red, $green, $blue] = $art->channels();
        $axes = array_map(static fn (array $row): array => array_map(self::axes(...), $row), self::TURNS);
        $rgb = '';
        for ($y = 0, $at = 0; $y < $art->height; ++$y) {
            for ($x = 0; $x < $art->width; ++$x, ++$at) {
                [$r, $g, $b] = $axes[$y & 1][$x & 1];
                $rgb .= substr($prints, $r[\ord($red[$at])] + $g[\ord($green[$at])] + $b[\ord($blue[$at])], 3);
            }
        }

        if ($flats !== []) {
            $areas = FlatAreas::of($art->drawn(), $art->width, array_map(Srgb::fromHex(...), array_keys($flats)), 1);
            $rgb = $areas->painted($rgb, array_values($flats));
        }

        return $art->coloured($rgb, $garment);
    }

    public static function small(ArtRaster $small, float $widthMm, ToneWork $work): ArtTones
    {
        return ArtTones::of($small, $small->width, $small->height, $widthMm, $work);
    }

    /**
     * The print of the plates that were solved for their garment, on that one or on another.
     *
     * @param \Closure(string, \Closure(): string): string $kept what is reckoned under a name is reckoned once
     */
    public static function through(MixRequest $request, ArtTones $art, \Closure $kept, SmallLook $look): \Imagick
    {
        $on = $look->on ?? $request->garment;
        $key = $request->key();
        $nodes = static fn (): string => self::nodes($request, $art, $kept);
        $plates = \count($request->plates);
        if ($look->glance) {
            $coarse = $kept('coarse-'.$key, static fn (): string => $request->table(MixTable::COARSE)->written());

            return CoarsePicture::of($art, MixTable::read($coarse, $plates)->colours(new LayeredInks($on, array_column($request->plates, 0)), self::printed($request, $look->uncorrected)), $request->garment, $on);
        }
        if ($on->hex() !== $request->garment->hex()) {
            // The films are those of their own garment.
            return CoarsePicture::of($art, MixTable::glance($nodes(), $plates)->colours(new LayeredInks($on, array_column($request->plates, 0)), self::printed($request, $look->uncorrected)), $request->garment, $on);
        }
        $written = $nodes();
        $prints = $kept('print-'.substr(hash('sha256', $written), 0, 16).$key.substr(hash('sha256', serialize($request->curves->halves)), 0, 8).($look->uncorrected ? '-uncorrected' : ''), static fn (): string => self::written($request, MixTable::read($written, $plates), $look->uncorrected));

        return self::of($art, $prints, $on, self::solids($request));
    }

    /** @return array<string, Srgb> */
    private static function solids(MixRequest $request): array
    {
        $prints = [];
        foreach ($request->flats as $i => $flat) {
            $prints[$flat->hex] = $request->layered()->colour(array_map(static fn (int $plate): float => $request->solids($plate)[$i] / 255, array_keys($request->plates)));
        }

        return $prints;
    }

    /**
     * The table that a small picture is looked up in: as it came, solved where its colours lie; once it is bent, everywhere,
     * so that no further bend solves it again.
     *
     * @param \Closure(string, \Closure(): string): string $kept
     */
    public static function nodes(MixRequest $request, ArtTones $art, \Closure $kept): string
    {
        $used = $request->work->leavesTones() ? UsedNodes::of($art->channels(), MixTable::MIDDLE) : null;

        return $kept('nodes-'.$request->key().UsedNodes::key($used), static fn (): string => $request->table(MixTable::MIDDLE, $used)->written());
    }

    /** The colours of a table’s nodes as the press prints them, three bytes a step. */
    private static function written(MixRequest $request, MixTable $table, bool $uncorrected): string
    {
        return self::woven(...$table->prints($request->layered(), self::printed($request, $uncorrected)));
    }

    /** @return \Closure(int, float): float how much a plate prints where so much is asked of it */
    private static function printed(MixRequest $request, bool $uncorrected): \Closure
    {
        $press = ToneCurve::press($uncorrected ? $request->curve : null);

        $held = $request->printed();

        return static fn (int $plate, float $asked): float => $press($held($plate, $asked));
    }

    /** Three tables as one. */
    public static function woven(string $red, string $green, string $blue): string
    {
        $rgb = str_repeat("\0", 3 * \strlen($red));
        for ($i = 0, $at = 0, $n = \strlen($red); $i < $n; ++$i) {
            $rgb[$at++] = $red[$i];
            $rgb[$at++] = $green[$i];
            $rgb[$at++] = $blue[$i];
        }

        return $rgb;
    }

    /** @return array{list<int>, list<int>, list<int>} where each value of red, of green and of blue leads */
    private static function axes(float $up): array
    {
        $last = PixelTables::STEPS - 1;
        $axis = static fn (int $stride): array => array_map(static fn (int $code): int => 3 * $stride * min($last, (int) ($code * $last / 255 + $up)), range(0, 255));

        return [$axis(1), $axis(PixelTables::STEPS), $axis(PixelTables::STEPS ** 2)];
    }
}
