<?php

declare(strict_types=1);

namespace Ektype\App\Work\Strip;

use Ektype\App\FilmSet\FilmSetWriter;
use Ektype\Core\Exposure\UnusableTest;
use Ektype\Core\Film\FilmPlate;
use Ektype\Core\Film\FilmPrinter;
use Ektype\Core\Film\FilmSheet;
use Ektype\Core\StepTest\TestFilm;

/** The step test film as a set of one film, with its manifest. */
final readonly class TestFilmSet
{
    /**
     * @param array<string, mixed> $manifest
     * @param array<string, mixed> $told
     */
    private function __construct(
        public string $name,
        public FilmSheet $sheet,
        public FilmPlate $plate,
        public FilmPrinter $printer,
        public array $manifest,
        public array $told,
    ) {
    }

    /**
     * @param list<string> $formats
     *
     * @throws UnusableTest where there is no such film
     */
    public static function of(float $dpi, int $strips, array $formats): self
    {
        $sheet = TestFilm::sheet($dpi, $strips);
        $plane = TestFilm::plane($dpi, $strips);
        $printer = new FilmPrinter(dpi: $dpi, mediaWidthMm: 2000);
        $told = [
            'strips' => $strips,
            'strip_mm' => TestFilm::STRIP_MM,
            'lines_mm' => TestFilm::LINES_MM,
            'dots_mm' => TestFilm::DOTS_MM,
            'tones_pct' => TestFilm::TONES_PCT,
            'rulings_lpi' => TestFilm::RULINGS_LPI,
        ];
        $cm2 = round($sheet->mm($plane->count()) * $sheet->mm(1) / 100, 3);
        $size = ['width_mm' => round($sheet->mm($plane->width), 4), 'height_mm' => round($sheet->mm($plane->height), 4)];

        return new self(
            TestFilm::NAME,
            $sheet,
            new FilmPlate(TestFilm::NAME, $plane, \sprintf('%s  %d strips of %g mm  %g dpi  this way up', TestFilm::NAME, $strips, TestFilm::STRIP_MM, $dpi)),
            $printer,
            [
                'art' => TestFilm::NAME,
                ...$size,
                'garment' => '#ffffff',
                'choke_mm' => 0.0,
                'trap_mm' => 0.0,
                ...FilmSetWriter::sheet($sheet, $printer),
                'plates' => [[
                    'name' => TestFilm::NAME,
                    'role' => 'colour',
                    'hex' => '#000000',
                    'ink' => '',
                    'coverage_pct' => round(100 * $plane->count() / ($plane->width * $plane->height), 4),
                    'area_cm2' => $cm2,
                    'art_area_cm2' => $cm2,
                    'overprints' => false,
                    'finest_line_mm' => TestFilm::LINES_MM[0],
                    'finest_gap_mm' => TestFilm::LINES_MM[0],
                    ...FilmSetWriter::filesOf(1, TestFilm::NAME, $formats),
                ]],
                'register_budget' => ['mm' => null, 'pairs' => []],
                'witness_spots' => [],
                'step_test' => $told,
            ],
            [...$told, ...$size],
        );
    }
}
