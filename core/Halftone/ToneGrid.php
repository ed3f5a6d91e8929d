<?php

declare(strict_types=1);

namespace Ektype\Core\Halftone;

/** The size of a film in dots, and of the tones under them. */
final readonly class ToneGrid
{
    /** Tones are read at half, a quarter or an eighth of the film’s resolution, but never under so many an inch. */
    private const LEAST_TONES = 250.0;
    /** A film larger than this cannot be made at once, pixels. */
    private const MOST_PIXELS = 820_000_000;

    public int $tonesAcross;
    public int $tonesDown;

    /** @param int $times film pixels that a tone covers each way */
    private function __construct(public int $width, public int $height, public int $times)
    {
        $this->tonesAcross = intdiv($width + $times - 1, $times);
        $this->tonesDown = intdiv($height + $times - 1, $times);
    }

    /**
     * @param int   $across pixels of the picture
     * @param int   $down   pixels of the picture
     * @param float $dpi    of the film
     *
     * @throws ImpossibleDots where there is no film of that size
     */
    public static function for(float $widthMm, int $across, int $down, float $dpi): self
    {
        $heightMm = $widthMm * $down / $across;
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

        return new self($width, $height, $times);
    }
}
