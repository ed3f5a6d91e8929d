<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ToneDecoder;
use Ektype\Core\Raster\BitPlane;

/** A picture in dots, at the resolution of the film. */
final readonly class ScreenedFilm
{
    /** @param int $levels tones that differ, bare and full among them */
    private function __construct(public BitPlane $plane, public Supercell $cell, public float $widthMm, public float $heightMm, public int $levels)
    {
    }

    /**
     * @param float $widthMm of the print
     * @param float $dpi     of the film
     *
     * @throws \Ektype\Core\Unit\Refusal where film or picture cannot be
     */
    public static function of(ArtFile $file, float $widthMm, float $dpi, float $lpi, float $angleDeg, Dot $dot, ?ToneCurve $curve): self
    {
        $cell = Supercell::for($dpi, $lpi, $angleDeg);
        $grid = ToneGrid::for($widthMm, $file->width, $file->height, $dpi);
        $tones = ToneDecoder::of($file, $grid->tonesAcross, $grid->tonesDown);
        $screening = Screening::with($cell, $dot, $grid->width);

        return new self(
            $screening->film($curve?->on($tones) ?? $tones, $grid->times, $grid->height),
            $cell,
            $grid->width / $dpi * 25.4,
            $grid->height / $dpi * 25.4,
            $screening->levels(),
        );
    }
}
