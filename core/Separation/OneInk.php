<?php

declare(strict_types=1);

namespace Ektype\Core\Separation;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Art\ToneDecoder;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Raster\ToneRaster;

/** A picture in one ink: where the garment ends, its dots go on. */
final class OneInk
{
    /** @throws \Ektype\Core\Unit\Refusal where film or dots cannot be */
    public static function of(ArtRaster $art, OneInkRequest $request): TonePlate
    {
        $grid = ToneGrid::for($request->widthMm, $art->width, $art->height, $request->dpi);
        $cell = Supercell::for($request->dpi, $request->dots->lpi, $request->dots->angleDeg);
        $lights = ToneDecoder::lights($art, $grid->tonesAcross, $grid->tonesDown);
        $tone = new InkTone($request->garment, $request->ink, $request->range);
        $bytes = implode('', array_map(\chr(...), range(0, 255)));
        $tones = new ToneRaster($grid->tonesAcross, $grid->tonesDown, strtr($lights, $bytes, $tone->table()));

        return new TonePlate(
            $request->ink,
            Screening::with($cell, $request->dot, $grid->width)->film($request->curve?->on($tones) ?? $tones, $grid->times, $grid->height),
            new Halftone($cell->lpi, $cell->angleDeg),
            $request->dot,
            $request->range,
            $grid->width / $request->dpi * 25.4,
            $grid->height / $request->dpi * 25.4,
            [...$art->remarks, ...$tone->says(count_chars($lights, 1))],
        );
    }
}
