<?php

declare(strict_types=1);

namespace Ektype\Core\Method\OneInk;

use Ektype\Core\Art\ArtRaster;
use Ektype\Core\Halftone\HardEdges;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;
use Ektype\Core\Halftone\ToneGrid;
use Ektype\Core\Plate\Halftone;
use Ektype\Core\Tone\ArtTones;
use Ektype\Core\Tone\InkTones;
use Ektype\Core\Tone\SingleInk;
use Ektype\Core\Tone\TonePlate;

/** A picture in one ink: where the garment ends, its dots go on. */
final class OneInk
{
    /** @throws \Ektype\Core\Unit\Refusal where film or dots cannot be */
    public static function of(ArtRaster $art, OneInkRequest $request): TonePlate
    {
        $grid = ToneGrid::for($request->widthMm, $art->width, $art->height, $request->dpi);
        $cell = Supercell::for($request->dpi, $request->dots->lpi, $request->dots->angleDeg);
        $picture = ArtTones::of($art, $grid->tonesAcross, $grid->tonesDown, $request->widthMm, $request->work);
        $lights = $picture->lights();
        $ink = self::tones($request);
        $bytes = implode('', array_map(\chr(...), range(0, 255)));
        $tones = $picture->where(strtr($lights, $bytes, $ink->tables()[0]));
        $onFilm = $request->curve?->on($tones) ?? $tones;
        $edges = new HardEdges($onFilm, HardEdges::reach($art->width, $grid->tonesAcross));

        return new TonePlate(
            $request->ink,
            Screening::with($cell, $request->dot, $grid->width)->film($onFilm, $grid->times, $grid->height, $edges),
            new Halftone($cell->lpi, $cell->angleDeg),
            $request->dot,
            $request->range,
            $grid->width / $request->dpi * 25.4,
            heightMm: $grid->height / $request->dpi * 25.4,
            tones: $tones,
            says: [...$art->remarks, ...$ink->says(count_chars($lights, 1))],
        );
    }

    /**
     * The print, as the eye sees it from a few steps away.
     *
     * @param bool $uncorrected from a film that does not undo the gain of the press
     */
    public static function print(ArtTones $art, OneInkRequest $request, bool $uncorrected = false): \Imagick
    {
        return SingleInk::print($art, $request->garment, $request->ink, self::tones($request), $uncorrected ? $request->curve : null);
    }

    private static function tones(OneInkRequest $request): InkTones
    {
        return new InkTones($request->garment, [$request->ink], $request->printedRange());
    }
}
