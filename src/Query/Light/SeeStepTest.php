<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Device\StripScanner;
use Ektype\App\FilmSet\FilmPdf;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\LightBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Emulsion\Emulsions;
use Ektype\App\Shop\Lamp\Lamps;
use Ektype\App\Work\Strip\ScannedStrips;
use Ektype\App\Work\Strip\TestFilmSet;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Raster\PngFile;
use Ektype\Core\StepTest\ReadStrips;
use Ektype\Core\StepTest\StepPlan;
use Ektype\Core\StepTest\TestFilm;
use Ektype\Core\Unit\Refusal;

/** The bench of a step test: its plan, its film, and what a picture of its strips says. Nothing is kept here. */
final readonly class SeeStepTest
{
    public function __construct(
        private Moment $moment,
        private Lamps $lamps,
        private Emulsions $emulsions,
        private ScannedStrips $scans,
        private StripScanner $scanner,
    ) {
    }

    /**
     * @param int|null   $strips     null for as many as what is unsure asks for
     * @param float|null $incrementS steps of this length; null for such that the expected time lies in the middle
     *
     * @throws Refusal where there is no such test
     */
    public function plan(int $lampId, int $emulsionId, float $thicknessUm, bool $dyed, ?int $strips, ?float $incrementS, float $firstS): StepBench
    {
        [$setting, $time] = $this->expected($lampId, $emulsionId, $thicknessUm, $dyed);
        $plan = $incrementS === null
            ? StepPlan::around($time->seconds, $time->lowS, $time->highS, $setting->startLossS, $strips)
            : StepPlan::equal($incrementS, $strips ?? StepPlan::USUAL, $firstS, $setting->startLossS);

        return new StepBench($setting->lamp, $setting->emulsion, $time->seconds, $time->lowS, $time->highS, $time->sure(), plan: $plan, linesMm: TestFilm::LINES_MM, dotsMm: TestFilm::DOTS_MM, scanner: $this->scanner->name());
    }

    public function film(float $dpi, int $strips): string
    {
        $film = TestFilmSet::of($dpi, $strips, ['pdf'])->films;
        $png = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($png, PngFile::ofPlane($film->plates[0]->plane, $dpi));
            $pdf = new FilmPdf($film->sheet, TestFilm::NAME);
            $pdf->addFilm($film->plates[0], $png);
        } finally {
            unlink($png);
        }

        return $pdf->bytes();
    }

    /**
     * @param list<float> $seconds of each strip from the top
     *
     * @throws Refusal where it is no such picture
     */
    public function picture(string $path, array $seconds): ReadStrips
    {
        return $this->scans->read($path, $seconds);
    }

    /**
     * A screen washed and scanned by the stand-in, with a right time near what is expected.
     *
     * @param list<float> $seconds
     */
    public function simulated(int $lampId, int $emulsionId, float $thicknessUm, bool $dyed, array $seconds): ReadStrips
    {
        [$setting, $time] = $this->expected($lampId, $emulsionId, $thicknessUm, $dyed);
        $seed = crc32(serialize([$setting, $seconds]));
        $right = $time->seconds * exp(0.15 * (($seed % 201) / 100 - 1));
        $picture = (string) tempnam(sys_get_temp_dir(), 'ektype');
        try {
            file_put_contents($picture, $this->scanner->picture($right, $seconds, $seed));

            return $this->scans->read($picture, $seconds);
        } finally {
            unlink($picture);
        }
    }

    /** @return array{Setting, PredictedTime} */
    private function expected(int $lampId, int $emulsionId, float $thicknessUm, bool $dyed): array
    {
        return $this->moment->see(function (Snapshot $shop) use ($lampId, $emulsionId, $thicknessUm, $dyed): array {
            $setting = LightBook::setting($this->lamps->get($lampId), $this->emulsions->get($emulsionId), $thicknessUm, $dyed, $shop->shelves->printing->filmPrinters->underLight());

            return [$setting, $shop->lightBook()->model([$setting])->predict($setting)];
        });
    }
}
