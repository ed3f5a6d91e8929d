<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

use Ektype\Core\Art\ArtFile;
use Ektype\Core\Art\ToneDecoder;
use Ektype\Core\Raster\BitPlane;

/** A picture in dots, at the resolution of the film. */
final readonly class ScreenedFilm
{
    /** Tones are read at half, a quarter or an eighth of the film’s resolution, but never under so many an inch. */
    private const LEAST_TONES = 250.0;
    /** A film larger than this cannot be made at once, pixels. */
    private const MOST_PIXELS = 820_000_000;

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
        $heightMm = $widthMm * $file->height / $file->width;
        $width = (int) round($widthMm / 25.4 * $dpi);
        $height = (int) round($heightMm / 25.4 * $dpi);
        if ($width < 8 || $height < 8) {
            throw ImpossibleDots::at('width', \sprintf('At %g mm wide the print would be %.1f × %.1f mm: too small for a film. Give its width in millimetres.', $widthMm, $widthMm, $heightMm));
        }
        if ($width * $height > self::MOST_PIXELS) {
            throw ImpossibleDots::at('width', \sprintf('The film would be %.0f × %.0f mm at %.0f dpi, larger than can be made at once. Print it smaller, or at a lower resolution.', $widthMm, $heightMm, $dpi));
        }
        $times = 8;
        while ($times > 1 && $dpi / $times < self::LEAST_TONES) {
            $times = intdiv($times, 2);
        }
        $tones = ToneDecoder::of($file, intdiv($width + $times - 1, $times), intdiv($height + $times - 1, $times));

        $screening = Screening::with($cell, $dot, $width);

        return new self(
            $screening->film($curve?->on($tones) ?? $tones, $times, $height),
            $cell,
            $width / $dpi * 25.4,
            $height / $dpi * 25.4,
            $screening->levels(),
        );
    }
}
