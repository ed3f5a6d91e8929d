<?php

declare(strict_types=1);

namespace Ektype\App\Work\Chart;

use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\Halftone\Dot;
use Ektype\Core\Halftone\GainChart;
use Ektype\Core\Halftone\Screening;
use Ektype\Core\Halftone\Supercell;

/** The gain chart as a film: every fifth tone three times, in the dots of a plate. */
final readonly class ChartFilm
{
    public const NAME = 'Gain chart';

    private function __construct(public Supercell $cell, public Dot $dot, public FilmSheet $sheet, public FilmPlate $plate)
    {
    }

    /** @throws \Ektype\Core\Unit\Refusal where there are no such dots */
    public static function of(float $dpi, float $lpi, float $angleDeg, Dot $dot): self
    {
        $cell = Supercell::for($dpi, $lpi, $angleDeg);
        $grid = GainChart::grid($dpi);
        $plane = Screening::with($cell, $dot, $grid->width)->film(GainChart::tones($grid), $grid->times, $grid->height);
        $label = \sprintf('%s  %.1f lpi %.1f° %s  this way up', self::NAME, $cell->lpi, $cell->angleDeg, $dot->value);

        return new self($cell, $dot, GainChart::sheet($dpi), new FilmPlate(self::NAME, $plane, $label));
    }
}
