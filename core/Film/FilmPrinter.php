<?php

declare(strict_types=1);

namespace Ektype\Core\Film;

/** A film printer as the shop has measured it. */
final readonly class FilmPrinter
{
    /** Film lifts and distorts this near to a feed edge, mm (heuristic). */
    public const FEED_MARGIN_MM = 12.0;
    /** From this density on black stops the lamp; under the second it burns through. */
    public const DENSITY_SOLID = 3.0;
    public const DENSITY_RISKY = 2.0;
    /** Larger scale errors are a mistake in measuring or in the printer's settings, %. */
    public const MOST_SCALE_ERROR_PCT = 3.0;

    /**
     * @param float      $mediaWidthMm   across the feed
     * @param float|null $sheetLengthMm  null on a roll
     * @param float|null $density        of solid black, null where nobody measured it
     * @param float      $scaleErrorXPct how much too wide a film comes out, % (across the feed)
     * @param float      $scaleErrorYPct how much too long (along it)
     */
    public function __construct(
        public string $name = 'no film printer named',
        public float $dpi = 600.0,
        public float $mediaWidthMm = 610.0,
        public ?float $sheetLengthMm = null,
        public float $feedMarginMm = self::FEED_MARGIN_MM,
        public ?float $density = null,
        public float $scaleErrorXPct = 0.0,
        public float $scaleErrorYPct = 0.0,
        public FilmMedium $medium = FilmMedium::Clear,
    ) {
    }

    /** What its black means for the screen; empty where it stops the lamp. */
    public function densitySentence(): string
    {
        return match (true) {
            $this->density === null => 'The density of its black is not measured: burn a test strip under solid black before you trust it.',
            $this->density < self::DENSITY_RISKY => \sprintf('Its black has density %.1f: under %.0f light burns through and the stencil hardens where it should wash out. Use another printer, or double each film. %s', $this->density, self::DENSITY_RISKY, (new DoubledFilm($this->density))->says()),
            $this->density < self::DENSITY_SOLID => \sprintf(
                'Its black has density %.1f: between %.0f and %.0f long times burn through. Keep to short times, or double the film. %s',
                $this->density,
                self::DENSITY_RISKY,
                self::DENSITY_SOLID,
                (new DoubledFilm($this->density))->says(),
            ),
            default => '',
        };
    }

    /** @throws FilmDoesNotFit where a film does not go on the media */
    public function mustTake(FilmSheet $sheet): void
    {
        $why = $this->tooLarge($sheet);
        if ($why !== '') {
            throw FilmDoesNotFit::at('filmPrinter', $why);
        }
    }

    /** Why films of this sheet do not go on the media, and the largest print that does; empty where they go. */
    public function tooLarge(FilmSheet $sheet): string
    {
        $wide = $sheet->mm($sheet->widthPx);
        $high = $sheet->mm($sheet->heightPx);
        $length = $this->sheetLengthMm ?? \INF;
        if (($wide <= $this->mediaWidthMm && $high <= $length) || ($high <= $this->mediaWidthMm && $wide <= $length)) {
            return '';
        }
        $largest = $this->largestPrintMm($sheet->artHeightPx / $sheet->artWidthPx);

        return \sprintf(
            'A film of %.0f × %.0f mm does not go on the media of %s (%.0f mm wide%s): part of the print would be cut off. %sr choose a printer with wider film.',
            $wide,
            $high,
            $this->name,
            $this->mediaWidthMm,
            $this->sheetLengthMm === null ? '' : \sprintf(', %.0f mm long', $this->sheetLengthMm),
            $largest === null ? 'Print another shape of it, o' : \sprintf('Print it at most %.0f mm wide, o', $largest),
        );
    }

    /**
     * The widest print of a shape whose films go on the media, upright or turned, in whole mm; null where none does.
     *
     * @param float $heightPerWidth of the print
     */
    public function largestPrintMm(float $heightPerWidth): ?float
    {
        $bare = new FilmSheet(0, 0, $this->dpi, 1, $this->feedMarginMm);
        $length = $this->sheetLengthMm ?? \INF;
        $widest = 0.0;
        foreach ([[$this->mediaWidthMm, $length], [$length, $this->mediaWidthMm]] as [$across, $along]) {
            $widest = max($widest, min($across - $bare->mm($bare->widthPx), ($along - $bare->mm($bare->heightPx)) / $heightPerWidth));
        }
        // The print itself is whole pixels, half a one more at the most.
        $whole = floor($widest - $bare->mm(1.0));

        return $whole > 0 ? $whole : null;
    }
}
