<?php

declare(strict_types=1);

namespace Ektype\App\Work\Strip;

use Ektype\App\FilmSet\Films;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\StepTest\TestFilm;

/** The step test film as a set of one film, with its manifest. */
final readonly class TestFilmSet
{
    /** @param array<string, mixed> $told */
    private function __construct(public Films $films, public array $told)
    {
    }

    /**
     * @param list<string> $formats
     *
     * @throws UnusableTest where there is no such film
     */
    public static function of(float $dpi, int $strips, array $formats): self
    {
        $told = [
            'strips' => $strips,
            'strip_mm' => TestFilm::STRIP_MM,
            'lines_mm' => TestFilm::LINES_MM,
            'dots_mm' => TestFilm::DOTS_MM,
            'tones_pct' => TestFilm::TONES_PCT,
            'rulings_lpi' => TestFilm::RULINGS_LPI,
        ];
        $films = Films::ofOne(
            new FilmPlate(TestFilm::NAME, TestFilm::plane($dpi, $strips), \sprintf('%s  %d strips of %g mm  %g dpi  this way up', TestFilm::NAME, $strips, TestFilm::STRIP_MM, $dpi)),
            TestFilm::sheet($dpi, $strips),
            $formats,
            new FilmPrinter(dpi: $dpi, mediaWidthMm: 2000),
            TestFilm::LINES_MM[0],
            ['step_test' => $told],
        );

        return new self($films, [...$told, 'width_mm' => $films->manifest['width_mm'], 'height_mm' => $films->manifest['height_mm']]);
    }
}
