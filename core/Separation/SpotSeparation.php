<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Colour\Ciede2000;
use Ektype\Core\Colour\Lab;
use Ektype\Core\Colour\Srgb;
use Ektype\Core\Ink\ColourName;
use Ektype\Core\Press\PrintOrder;
use Ektype\Core\Press\PrintStep;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Unit\Refusal;

/** Flat art to one plate an ink, with a white base under the inks that a dark garment would swallow. */
final class SpotSeparation
{
    /** An art colour this close to the garment is left to it, ΔE00 (heuristic). */
    public const GARMENT_DELTA_E = 6.0;
    /** Under this resolution flat art prints soft, pixels per inch (heuristic). */
    public const LEAST_PPI = 200.0;
    /** The widest print that any film and frame here could hold, mm. */
    public const WIDEST_MM = 2000.0;

    /**
     * @param (callable(string, float): void)|null $progress told the step and its share done, 0–1
     *
     * @throws Refusal where nothing would print or the films would be larger than can be made
     */
    public static function of(ArtRaster $art, SpotRequest $request, ?callable $progress = null): SpotResult
    {
        $tell = $progress ?? static function (string $step, float $share): void {};
        $filmWidth = (int) round($request->widthMm / 25.4 * $request->dpi);
        $heightMm = $request->widthMm * $art->height / $art->width;
        $filmHeight = (int) round($heightMm / 25.4 * $request->dpi);
        if ($filmWidth < 8 || $filmHeight < 8) {
            throw Refusal::at('width_mm', \sprintf('At %.1f mm wide the print would be %.1f × %.1f mm: too small for a film. Give the width of the print in millimetres.', $request->widthMm, $request->widthMm, $heightMm));
        }
        if ($filmWidth * $filmHeight > 600_000_000) {
            throw Refusal::at('width_mm', \sprintf('The film would be %.0f × %.0f mm at %.0f dpi, larger than can be made at once. Print it smaller, or at a lower resolution.', $request->widthMm, $heightMm, $request->dpi));
        }

        $tell('Finding the colours', 0.0);
        $palette = self::palette($art, $request);
        $open = self::leftOpen($palette, $request);
        if ($request->inks !== null) {
            $palette = $palette->reducedTo($request->inks, array_keys($open));
        }
        $strays = self::strays($palette, $open);

        $tell('Reading the edges', 0.1);
        $owners = ColourFieldReader::clearOwners($art, $palette);
        $ground = $art->seeThrough ? null : Ground::colour($owners, $art->width, $art->height, $palette);
        $cutOut = $ground !== null && !$request->printGround && !isset($open[$palette->printsAs[$ground]]);
        if ($cutOut) {
            $newOwner = \count($palette->colours);
            $owners = Ground::cutOut($owners, $art->width, $art->height, $ground, $newOwner);
            $palette = new Palette([...$palette->colours, new PaletteColour($palette->colours[$ground]->colour, 0.0)], $palette->noisy, [...$palette->printsAs, $newOwner]);
            $open[$newOwner] = 'the paper round the drawing';
        }
        $field = ColourFieldReader::read($art, $palette, $owners);
        unset($owners);

        $leaders = array_values(array_diff($palette->leaders(), array_keys($open)));
        if ($leaders === []) {
            throw Refusal::at('art', 'Every colour of the picture is the garment’s own, or transparent: no plate would print. Check the garment colour, or bring the art with its colours.');
        }
        $planes = PlateRaster::draw($field, $filmWidth, $filmHeight, $leaders, static fn (float $share) => $tell('Drawing the plates', 0.2 + 0.55 * $share));
        unset($field);
        $planes = array_filter($planes, static fn (BitPlane $plane): bool => $plane->count() > 0);
        if ($planes === []) {
            throw Refusal::at('art', 'No colour of the picture holds a film pixel: nothing would print. Bring larger art.');
        }

        $tell('Building the base', 0.76);
        $plates = self::inOrder($planes, $palette, $request, $heightMm, $tell);

        return new SpotResult(
            $request->widthMm,
            $heightMm,
            $request->dpi,
            $art->ppi($request->widthMm),
            $plates,
            self::described($palette, $open),
            $strays,
            $cutOut,
            [...self::warnings($art, $request, $strays), ...self::thinOnBase($plates, $request)],
        );
    }

    private static function palette(ArtRaster $art, SpotRequest $request): Palette
    {
        $palette = PaletteFinder::find($art, $request->inks);
        foreach ($request->merges as $from => $into) {
            $palette = $palette->merged(self::named($palette, $from, 'merge'), self::named($palette, $into, 'merge'));
        }

        return $palette;
    }

    private static function named(Palette $palette, string $hex, string $field): int
    {
        foreach ($palette->colours as $i => $colour) {
            if ($colour->colour->hex() === strtolower($hex)) {
                return $i;
            }
        }

        throw Refusal::at($field, \sprintf('The art has no colour %s. Its colours are %s.', $hex, implode(', ', array_map(static fn (PaletteColour $c): string => $c->colour->hex(), $palette->colours))));
    }

    /** @return array<int, string> leader => why it is left open */
    private static function leftOpen(Palette $palette, SpotRequest $request): array
    {
        $garment = Lab::of($request->garment);
        $open = [];
        foreach ($palette->leaders() as $leader) {
            if (Ciede2000::between($palette->colours[$leader]->lab, $garment) < self::GARMENT_DELTA_E) {
                $open[$leader] = 'the garment’s own colour';
            }
        }
        foreach ($request->leftOpen as $hex) {
            $open[$palette->printsAs[self::named($palette, $hex, 'left_open')]] = 'given to the garment';
        }

        return $open;
    }

    /**
     * @param array<int, BitPlane>          $planes by leader
     * @param callable(string, float): void $tell
     *
     * @return list<SeparatedPlate>
     */
    private static function inOrder(array $planes, Palette $palette, SpotRequest $request, float $heightMm, callable $tell): array
    {
        $garment = Lab::of($request->garment);
        $specs = [];
        $drawn = [];
        $names = [];
        $needBase = null;
        $pixels = 0;
        foreach ($planes as $leader => $plane) {
            $colour = $palette->colours[$leader];
            $pixels = $plane->width * $plane->height;
            $share = $plane->count() / $pixels;
            $role = PrintOrder::isHighlight($colour->lab, $share, $garment) ? PlateRole::Highlight : PlateRole::Colour;
            $specs[] = ['role' => $role, 'lab' => $colour->lab, 'share' => $share];
            $drawn[] = [$colour->colour, $plane];
            $names[] = ColourName::of($colour->colour);
            if (PrintOrder::needsBase($colour->lab, $garment)) {
                $needBase = $needBase === null ? $plane : $needBase->or($plane);
            }
        }
        if ($needBase !== null) {
            $base = Spread::choke($needBase, $request->chokeMm / 25.4 * $request->dpi);
            if ($base->count() > 0) {
                $white = new Srgb(246, 244, 238);
                $specs[] = ['role' => PlateRole::Base, 'lab' => Lab::of($white), 'share' => $base->count() / $pixels];
                $drawn[] = [$white, $base];
                $names[] = 'Base white';
            }
        }
        $names = ColourName::toldApart($names);
        $plates = [];
        $areaCm2 = $request->widthMm * $heightMm / 100;
        $steps = PrintOrder::of($specs, $garment);
        foreach ($steps as $place => $step) {
            $tell('Measuring the finest lines', 0.8 + 0.18 * $place / \count($steps));
            $plates[] = self::plate($step, $names[$step->plate], $specs[$step->plate]['role'], $drawn[$step->plate], $areaCm2, $request->dpi);
        }

        return $plates;
    }

    /**
     * A stroke thinner than twice the choke loses its base whole and prints dull on dark cloth.
     *
     * @param list<SeparatedPlate> $plates
     *
     * @return list<string>
     */
    private static function thinOnBase(array $plates, SpotRequest $request): array
    {
        $garment = Lab::of($request->garment);
        $hasBase = array_filter($plates, static fn (SeparatedPlate $p): bool => $p->role === PlateRole::Base) !== [];
        $warnings = [];
        foreach ($plates as $plate) {
            if ($hasBase && $plate->role !== PlateRole::Base && $plate->finestLineMm !== null && $plate->finestLineMm <= 2 * $request->chokeMm && PrintOrder::needsBase(Lab::of($plate->colour), $garment)) {
                $warnings[] = \sprintf('%s has lines of about %.2f mm. A base choked by %.2f mm at each side does not reach under lines thinner than %.2f mm: they print dull on this garment. Choke less, or draw them thicker.', $plate->name, $plate->finestLineMm, $request->chokeMm, 2 * $request->chokeMm);
            }
        }

        return $warnings;
    }

    /** @param array{Srgb, BitPlane} $drawn */
    private static function plate(PrintStep $step, string $name, PlateRole $role, array $drawn, float $areaCm2, float $dpi): SeparatedPlate
    {
        [$colour, $plane] = $drawn;
        $share = $plane->count() / ($plane->width * $plane->height);

        return new SeparatedPlate($name, $role, $colour, $plane, $areaCm2 * $share, $step->reason, $step->flashAfter, $step->flashReason, FinestLine::of($plane, $dpi));
    }

    /**
     * @param array<int, string> $open
     *
     * @return list<array{stray: string, into: string, delta_e: float, area_pct: float}>
     */
    private static function strays(Palette $palette, array $open): array
    {
        $strays = [];
        foreach ($palette->strays() as $pair) {
            if (!isset($open[$pair['stray']])) {
                $strays[] = [
                    'stray' => $palette->colours[$pair['stray']]->colour->hex(),
                    'into' => $palette->colours[$pair['into']]->colour->hex(),
                    'delta_e' => round($pair['deltaE'], 2),
                    'area_pct' => round(100 * $palette->share($pair['stray']), 3),
                ];
            }
        }

        return $strays;
    }

    /**
     * @param array<int, string> $open
     *
     * @return list<array{hex: string, share_pct: float, prints_as: string, left_open: bool, why_open: string}>
     */
    private static function described(Palette $palette, array $open): array
    {
        $rows = [];
        foreach ($palette->colours as $i => $colour) {
            if ($colour->share > 0) {
                $leader = $palette->printsAs[$i];
                $rows[] = [
                    'hex' => $colour->colour->hex(),
                    'share_pct' => round(100 * $colour->share, 3),
                    'prints_as' => $palette->colours[$leader]->colour->hex(),
                    'left_open' => isset($open[$leader]),
                    'why_open' => $open[$leader] ?? '',
                ];
            }
        }

        return $rows;
    }

    /**
     * @param list<array{stray: string, into: string, delta_e: float, area_pct: float}> $strays
     *
     * @return list<string>
     */
    private static function warnings(ArtRaster $art, SpotRequest $request, array $strays): array
    {
        $warnings = [];
        $ppi = $art->ppi($request->widthMm);
        if ($ppi < self::LEAST_PPI) {
            $warnings[] = \sprintf('The art has %.0f pixels an inch at %.0f mm wide; under %.0f the edges of flat colours print soft or stepped. Bring it larger, or print it no wider than %.0f mm.', $ppi, $request->widthMm, self::LEAST_PPI, $art->width * 25.4 / self::LEAST_PPI);
        }
        foreach ($strays as $stray) {
            $warnings[] = \sprintf('%s is almost %s (ΔE00 %.1f, %.2f %% of the picture): likely one ink. Merge them to save a screen.', $stray['stray'], $stray['into'], $stray['delta_e'], $stray['area_pct']);
        }

        return $warnings;
    }
}
