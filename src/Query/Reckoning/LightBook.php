<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\LightFigure;
use Ektype\Core\Exposure\LikeScreens;
use Ektype\Core\Exposure\PredictedTime;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Unit\Figure;

/** Times of light at one moment, from the shop’s step tests and from what was seen at the sink. */
final class LightBook
{
    /** @var list<TestReading> */
    private array $readings;
    private int $tests;
    /** @var list<int> */
    private array $testIds;
    /** @var array<string, ExposureModel> by what they are asked about, thickness aside */
    private array $models = [];

    /** @param list<Stencil> $stencils those that were looked at teach */
    public function __construct(private readonly Snapshot $shop, array $stencils)
    {
        $believed = array_values(array_filter($shop->tests(), static fn (StepTest $t): bool => !$t->setAside));
        $this->testIds = array_map(static fn (StepTest $t): int => $t->idOrFail(), $believed);
        $this->tests = \count($believed);
        $this->readings = [
            ...array_map(static fn (StepTest $t): TestReading => $t->reading(), $believed),
            ...array_values(array_filter(array_map(self::seen(...), $stencils))),
        ];
    }

    /** @return list<TestReading> all that times rest on: step tests first, as {@see testIds} has them, then looks at the sink */
    public function readings(): array
    {
        return $this->readings;
    }

    /** @return list<int> ids of the step tests among them */
    public function testIds(): array
    {
        return $this->testIds;
    }

    /** @return list<SurpriseOfTest> of each step test that is believed */
    public function surprises(ExposureModel $model): array
    {
        $all = [];
        foreach ($model->surprises() as $surprise) {
            if (isset($this->testIds[$surprise->test])) {
                $all[] = new SurpriseOfTest($this->testIds[$surprise->test], $surprise->expectedS, $surprise->deviations(), 100 * $surprise->slip, $surprise->disagrees, $surprise->says());
            }
        }

        return $all;
    }

    /**
     * @param list<PlateOnMesh> $screens of one job
     *
     * @return list<TimeOfScreen>|null in the same order; null where lamp or emulsion are missing
     */
    public function times(Job $job, array $screens): ?array
    {
        $settings = $this->settings($job, $screens);
        if ($settings === null) {
            return null;
        }
        $model = $this->model($settings);
        $times = array_map($model->predict(...), $settings);
        if ($job->oneTime) {
            foreach (LikeScreens::of($settings, $times) as $like) {
                foreach ($like->screens as $i) {
                    $times[$i] = $times[$i]->set($like->seconds);
                }
            }
        }

        return array_map($this->time(...), $settings, $times);
    }

    /**
     * @param list<PlateOnMesh> $screens of one job
     *
     * @return list<Setting>|null in the same order; null where lamp or emulsion are missing
     */
    public function settings(Job $job, array $screens): ?array
    {
        [$lamp, $emulsion] = [$job->lamp, $job->emulsion];
        if ($lamp === null || $emulsion === null) {
            return null;
        }
        $book = $this->shop->stencilBook();

        return array_map(
            static fn (PlateOnMesh $s): Setting => self::setting(
                $lamp,
                $book->emulsionOn($s->plate, $s->mesh) ?? $emulsion,
                $s->mesh->thicknessUm + $book->eomUm($s->plate, $s->mesh),
                $s->mesh->dyed,
                $job->withoutFilm,
            ),
            $screens,
        );
    }

    /**
     * @param list<PlateOnMesh> $screens of one job
     *
     * @return list<Figure> in the same order
     */
    public function figures(Job $job, array $screens): array
    {
        $times = $this->times($job, $screens);

        return $times === null
            ? array_map(static fn (PlateOnMesh $_): Figure => LightFigure::none(), $screens)
            : array_map(
                fn (PlateOnMesh $s, TimeOfScreen $t): Figure => LightFigure::of(
                    $t->time,
                    $t->setting,
                    $t->source,
                    $this->shop->burnedSeconds($s->plate),
                ),
                $screens,
                $times,
            );
    }

    /**
     * Screens under the same lamps with the same emulsions are asked of one model, whatever their thickness.
     *
     * @param list<Setting> $settings
     */
    public function model(array $settings): ExposureModel
    {
        $kinds = array_map(
            static fn (Setting $s): string => serialize(
                [$s->lamp, $s->lampKind, $s->emulsion, $s->emulsionKind, $s->dyed, $s->film, $s->distanceMm, $s->emulsionFactor],
            ),
            $settings,
        );

        return $this->models[implode(' ', array_unique($kinds))] ??= new ExposureModel($this->readings, $settings);
    }

    /** Step tests come first in the order in which they were learned, looks after them. */
    private function time(Setting $setting, PredictedTime $time): TimeOfScreen
    {
        $tests = \count(array_filter($time->restsOn, fn (int $i): bool => $i < $this->tests));

        return new TimeOfScreen($setting, $time, LightFigure::source($tests, \count($time->restsOn) - $tests));
    }

    private static function seen(Stencil $s): ?TestReading
    {
        [$seen, $seconds, $lamp, $emulsion, $thickness] = [$s->seen(), $s->burnedSeconds(), $s->lamp(), $s->emulsion, $s->thicknessUm()];
        // A damp stencil underexposes whatever the clock says: its time says nothing of a dry one.
        if ($s->burnedDamp || $seen === null || $seconds === null || $lamp === null || $emulsion === null || $thickness === null) {
            return null;
        }

        return $seen->reading(
            new Setting(
                $lamp->name,
                $lamp->kind,
                $emulsion->name,
                $emulsion->kind,
                $thickness,
                $s->dyed,
                $s->withoutFilm() ? Setting::WITHOUT_FILM : '',
                $s->distanceMm(),
                $lamp->unitsPerS === null ? $s->lampHours() ?? $lamp->hours : 0.0,
                $emulsion->factor,
                $lamp->startLossS,
            ),
            $seconds,
        );
    }

    public static function setting(Lamp $lamp, Emulsion $emulsion, float $thicknessUm, bool $dyed, bool $withoutFilm = false): Setting
    {
        return new Setting(
            $lamp->name,
            $lamp->kind,
            $emulsion->name,
            $emulsion->kind,
            $thicknessUm,
            $dyed,
            $withoutFilm ? Setting::WITHOUT_FILM : '',
            $lamp->distanceMm,
            $lamp->ageForTimes(),
            $emulsion->factor,
            $lamp->startLossS,
        );
    }
}
