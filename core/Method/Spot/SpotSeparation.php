<?php

declare(strict_types=1);

namespace Ektype\Core\Method\Spot;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\PixelSize;
use Ektype\Core\Separation\ArtKind;
use Ektype\Core\Separation\Blends;
use Ektype\Core\Separation\DrawnPlate;
use Ektype\Core\Separation\FirstPlate;
use Ektype\Core\Separation\FoundColour;
use Ektype\Core\Separation\GivenInk;
use Ektype\Core\Separation\ImpossibleSeparation;
use Ektype\Core\Separation\StrayShade;

/** Flat art to one plate an ink, with a white base under the inks that a dark garment would swallow. */
final class SpotSeparation
{
    /** Under this resolution flat art prints soft, pixels per inch (heuristic). */
    public const LEAST_PPI = 200.0;
    /** The widest print that any film and frame here could hold, mm. */
    public const WIDEST_MM = 2000.0;
    /** A film larger than this cannot be made at once, pixels: 600 × 600 mm at 1200 dpi is just inside. */
    private const MOST_PIXELS = 820_000_000;
    /** Blends on so much of the picture are told (heuristic). */
    private const BLENDS_FROM = 0.005;
    /** Compression smears colour beside every edge. */
    private const BLENDS_FROM_LOSSY = 0.025;

    /**
     * @param (callable(string, float): void)|null $progress told the step and its share done, 0–1
     *
     * @throws ImpossibleSeparation where nothing would print or the films would be larger than can be made
     */
    public static function of(ArtRaster $art, SpotRequest $request, ?callable $progress = null, ?FirstLook $look = null): SpotResult
    {
        $tell = $progress ?? static function (string $step, float $share): void {};
        $film = self::filmSize($art, $request);
        $heightMm = $request->widthMm * $art->height / $art->width;

        $read = ReadColours::of($art, $request, $tell);
        if ($look !== null) {
            ($look->show)(self::look($art, $read, $look->request));
        }
        $colours = $read->colours;
        $strays = self::strays($colours);
        $planes = $read->planes($film->width, $film->height, $request, static fn (float $share) => $tell('Drawing the plates', 0.2 + 0.3 * $share));
        $made = PlateMaking::of($planes, $colours, $request, $heightMm, $tell);
        $inked = array_sum(array_map(static fn (BitPlane $p): float => $p->count() / ($p->width * $p->height), $planes));

        return new SpotResult(
            $made->plates,
            self::described($colours),
            strays: $strays,
            groundLeftOpen: $read->cutOut,
            warnings: [...$art->remarks, ...$colours->warnings, ...self::warnings($art, $request, $strays), ...$made->warnings],
            kind: ArtKind::of($colours->palette, \count($planes), $inked, $made->finestLineMm()),
            budget: $made->budget,
            thinBase: $made->thinBase,
            witnesses: $made->witnesses,
        );
    }

    /**
     * Where colours of the art are, at the resolution of the film: before any trap.
     *
     * @param list<string> $colours by their hex
     *
     * @return array<string, BitPlane> of those that print
     */
    public static function regions(ArtRaster $art, SpotRequest $request, array $colours): array
    {
        $film = self::filmSize($art, $request);
        $read = ReadColours::of($art, $request, static function (string $step, float $share): void {});
        $planes = $read->planes($film->width, $film->height, $request);
        $regions = [];
        foreach ($colours as $hex) {
            $leader = $read->colours->leaderOf($hex);
            if ($leader !== null && isset($planes[$leader])) {
                $regions[$hex] = $planes[$leader];
            }
        }

        return $regions;
    }

    /**
     * The plates at the size of the screen, to look at while those of the films are drawn: the same colours, decisions,
     * base and traps, with nothing measured.
     *
     * @param SpotRequest $request at the screen’s resolution
     *
     * @return list<FirstPlate> in print order
     *
     * @throws ImpossibleSeparation as above
     */
    public static function first(ArtRaster $art, SpotRequest $request): array
    {
        return self::look($art, ReadColours::of($art, $request, static function (string $step, float $share): void {}), $request);
    }

    /** @return list<FirstPlate> */
    private static function look(ArtRaster $art, ReadColours $read, SpotRequest $request): array
    {
        $film = self::filmSize($art, $request);

        return PlateMaking::first($read->planes($film->width, $film->height, $request), $read->colours, $request);
    }

    /**
     * Plates drawn by hand, taken as they are: only the base is added, the order set and everything measured.
     *
     * @param non-empty-list<DrawnPlate>           $drawn
     * @param (callable(string, float): void)|null $progress
     */
    public static function ofDrawn(array $drawn, SpotRequest $request, ?callable $progress = null): SpotResult
    {
        $colours = SpotPalette::drawn(array_map(static fn (DrawnPlate $d): GivenInk => $d->ink, $drawn));
        $planes = array_map(static fn (DrawnPlate $d): BitPlane => $d->plane, $drawn);
        $heightMm = $request->widthMm * $planes[0]->height / $planes[0]->width;
        $made = PlateMaking::of($planes, $colours, $request, $heightMm, $progress ?? static function (string $step, float $share): void {});
        $inked = array_sum(array_map(static fn (BitPlane $p): float => $p->count() / ($p->width * $p->height), $planes));

        return new SpotResult(
            $made->plates,
            self::described($colours),
            strays: [],
            groundLeftOpen: true,
            warnings: $made->warnings,
            kind: ArtKind::of($colours->palette, \count($planes), $inked, $made->finestLineMm()),
            budget: $made->budget,
            thinBase: $made->thinBase,
            witnesses: $made->witnesses,
        );
    }

    private static function filmSize(ArtRaster $art, SpotRequest $request): PixelSize
    {
        $filmWidth = (int) round($request->widthMm / 25.4 * $request->dpi);
        $heightMm = $request->widthMm * $art->height / $art->width;
        $filmHeight = (int) round($heightMm / 25.4 * $request->dpi);
        if ($filmWidth < 8 || $filmHeight < 8) {
            throw ImpossibleSeparation::at(
                'width',
                \sprintf(
                    'At %.1f mm wide the print would be %.1f × %.1f mm: too small for a film. Give the width of the print in millimetres.',
                    $request->widthMm,
                    $request->widthMm,
                    $heightMm,
                ),
            );
        }
        if ($filmWidth * $filmHeight > self::MOST_PIXELS) {
            throw ImpossibleSeparation::at('width', \sprintf('The film would be %.0f × %.0f mm at %.0f dpi, larger than can be made at once. Print it smaller, or at a lower resolution.', $request->widthMm, $heightMm, $request->dpi));
        }

        return new PixelSize($filmWidth, $filmHeight);
    }

    /** @return list<StrayShade> */
    private static function strays(SpotPalette $colours): array
    {
        $palette = $colours->palette;
        $strays = [];
        foreach ($palette->strays() as $pair) {
            if (!isset($colours->open[$pair->stray])) {
                $strays[] = new StrayShade(
                    $palette->colours[$pair->stray]->colour->hex(),
                    $palette->colours[$pair->into]->colour->hex(),
                    round($pair->deltaE, 2),
                    round(100 * $palette->share($pair->stray), 3),
                );
            }
        }

        return $strays;
    }

    /** @return list<FoundColour> */
    private static function described(SpotPalette $colours): array
    {
        $rows = [];
        foreach ($colours->palette->colours as $i => $colour) {
            if ($colour->share > 0) {
                $leader = $colours->palette->printsAs[$i];
                $rows[] = new FoundColour(
                    $colour->colour->hex(),
                    round(100 * $colour->share, 3),
                    $colours->palette->colours[$leader]->colour->hex(),
                    isset($colours->open[$leader]),
                    $colours->open[$leader] ?? '',
                );
            }
        }

        return $rows;
    }

    /**
     * @param list<StrayShade> $strays
     *
     * @return list<string>
     */
    private static function warnings(ArtRaster $art, SpotRequest $request, array $strays): array
    {
        $warnings = [];
        $blends = Blends::share($art);
        if ($blends >= ($art->lossy ? self::BLENDS_FROM_LOSSY : self::BLENDS_FROM)) {
            $cm2 = $blends * $request->widthMm ** 2 * $art->height / $art->width / 100;
            $warnings[] = \sprintf('About %.0f %% of the picture, %s cm², runs from one colour into another: blends, shadows or blurred edges. Spot plates cut that into bands with hard edges. Draw it flat, or keep it for a halftone.', max(1.0, 100 * $blends), $cm2 < 10 ? \sprintf('%.1f', $cm2) : \sprintf('%.0f', $cm2));
        }
        $ppi = $art->ppi($request->widthMm);
        if ($ppi < self::LEAST_PPI) {
            $warnings[] = \sprintf('The art has %.0f pixels an inch at %.0f mm wide; under %.0f the edges of flat colours print soft or stepped. Bring it larger, or print it no wider than %.0f mm.', $ppi, $request->widthMm, self::LEAST_PPI, $art->width * 25.4 / self::LEAST_PPI);
        }
        foreach ($strays as $stray) {
            $warnings[] = \sprintf(
                '%s is almost %s (ΔE00 %.1f, %.2f %% of the picture): likely one ink. Merge them to save a screen.',
                $stray->stray,
                $stray->into,
                $stray->deltaE,
                $stray->areaPct,
            );
        }

        return $warnings;
    }
}
