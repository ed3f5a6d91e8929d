<?php

declare(strict_types=1);

namespace Ektype\Core\Method\TwoTone;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\BitPlane;
use Ektype\Core\Raster\Bits;
use Ektype\Core\Raster\Spread;
use Ektype\Core\Raster\ToneRaster;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\ColourTable;
use Ektype\Core\Tone\TonePlate;

/**
 * A picture in a dark and a light ink, solved together. Both films have one ruling and one angle, and the light dots grow where
 * the dark ones do not: none lies on another, and where neither prints the garment shows.
 */
final class TwoTone
{
    /**
     * @param ColourTable|null $known of the same inks, garment and dots, where it was reckoned before
     *
     * @throws \Ektype\Core\Unit\Refusal where film, dots or inks cannot be
     */
    public static function of(ArtRaster $art, TwoToneRequest $request, ?ColourTable $known = null): TwoTonePlates
    {
        $grid = ToneGrid::for($request->widthMm, $art->width, $art->height, $request->dpi);
        $cell = Supercell::for($request->dpi, $request->dots->lpi, $request->dots->angleDeg);
        $inks = TwoInks::of($request, $cell, $request->middle ?? Middle::of($art), $known);
        $tones = ArtTones::of($art, $grid->tonesAcross, $grid->tonesDown, $request->widthMm, $request->work);
        [$darkTones, $lightTones] = $inks->on($tones);
        $film = static function (Screening $screening, ToneRaster $tones) use ($request, $grid, $art): BitPlane {
            $onFilm = $request->curve?->on($tones) ?? $tones;

            return $screening->film($onFilm, $grid->times, $grid->height, new HardEdges($onFilm, HardEdges::reach($art->width, $grid->tonesAcross)));
        };
        $dark = $film(Screening::with($cell, $request->dot, $grid->width), $darkTones);
        $light = $film(Screening::between($cell, $request->dot, $grid->width), $lightTones);
        $held = self::heldBack($light, $dark, $request->holdBackPx());
        $dots = new Halftone($cell->lpi, $cell->angleDeg);
        [$widthMm, $heightMm] = [$grid->width / $request->dpi * 25.4, $grid->height / $request->dpi * 25.4];

        return new TwoTonePlates(
            new TonePlate($request->dark, $dark, $dots, $request->dot, $request->range, $widthMm, heightMm: $heightMm, tones: $darkTones, says: []),
            new TonePlate($request->light, $held, $dots, $request->dot, $request->range, $widthMm, heightMm: $heightMm, tones: $lightTones, says: []),
            $request->holdBackPx() * 25.4 / $request->dpi,
            $light->count() === 0 ? 0.0 : 1 - $held->count() / $light->count(),
            $inks->middle,
            [...$art->remarks, ...$inks->says($tones)],
        );
    }

    /** The light plate where the dark one does not print, and not as near as that to it. */
    private static function heldBack(BitPlane $light, BitPlane $dark, float $px): BitPlane
    {
        $near = $px > 0 ? Spread::by($dark, $px + Spread::TO_THE_NEAREST) : $dark;

        return new BitPlane($light->width, $light->height, Bits::without($light->bytes, $near->bytes));
    }
}
