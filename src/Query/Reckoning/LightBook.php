<?php

declare(strict_types=1);

namespace Ektype\App\Query\Reckoning;

use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Job\Job;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\EmulsionKind;
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
    /** A model holds for any thickness and any hours; it is made with these. */
    private const USUAL_UM = 100.0;
    private const USUAL_HOURS = 100.0;

    private ?KnownTimes $known = null;
    /** @var array<string, ExposureModel> of what the shop has not, by what they are asked about */
    private array $models = [];

    public function __construct(private readonly Snapshot $shop)
    {
    }

    public function known(): KnownTimes
    {
        return $this->known ??= $this->shop->shelves->times->known($this->learn(...));
    }

    private function learn(): KnownTimes
    {
        $believed = array_values(array_filter($this->shop->tests(), static fn (StepTest $t): bool => !$t->setAside));
        $readings = [
            ...array_map(static fn (StepTest $t): TestReading => $t->reading(), $believed),
            // Those that were looked at teach.
            ...array_values(array_filter(array_map(self::seen(...), $this->shop->counted()))),
        ];
        $asked = $this->askedOfShop();
        $model = new ExposureModel($readings, $asked);
        $model->surprises();

        return new KnownTimes($readings, array_map(static fn (StepTest $t): int => $t->idOrFail(), $believed), $asked, $model);
    }

    /** @return list<int> ids of the step tests that are believed, as they were learned */
    public function testIds(): array
    {
        return $this->known()->testIds;
    }

    /** @return list<SurpriseOfTest> of each step test that is believed */
    public function surprises(ExposureModel $model): array
    {
        $all = [];
        $ids = $this->testIds();
        foreach ($model->surprises() as $surprise) {
            if (isset($ids[$surprise->test])) {
                $all[] = new SurpriseOfTest($ids[$surprise->test], $surprise->expectedS, $surprise->deviations(), 100 * $surprise->slip, $surprise->disagrees, $surprise->says());
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
                $job->filmUnderLight($s->plate),
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
     * One model of all that the shop has, kept until a test comes; what it has not is asked of a model of its own.
     *
     * @param list<Setting> $settings
     */
    public function model(array $settings): ExposureModel
    {
        $shop = $this->known();
        $known = array_flip(array_map(self::kind(...), $shop->asked));
        $kinds = array_unique(array_map(self::kind(...), $settings));
        $others = array_filter($kinds, static fn (string $kind): bool => !isset($known[$kind]));
        if ($others === []) {
            return $shop->model;
        }

        return $this->models[implode(' ', $kinds)] ??= new ExposureModel($shop->readings, $settings);
    }

    /** Some emulsion that was tested under a lamp; else any that the shop has. */
    public function emulsionUnder(Lamp $lamp): Emulsion
    {
        $all = $this->shop->shelves->light->emulsions->all();
        foreach ($this->known()->readings as $reading) {
            foreach ($all as $emulsion) {
                if ($reading->setting->lamp === $lamp->name && $reading->setting->emulsion === $emulsion->name) {
                    return $emulsion;
                }
            }
        }

        return $all[0] ?? new Emulsion('any', EmulsionKind::DualCure);
    }

    /** @return list<Setting> every lamp with every emulsion, on white and yellow mesh, through each film of the shop and without */
    private function askedOfShop(): array
    {
        $asked = [];
        $films = ['', Setting::WITHOUT_FILM];
        foreach ($this->shop->shelves->printing->filmPrinters->all() as $printer) {
            $films[] = $printer->medium->underLight();
        }
        $films = array_values(array_unique($films));
        foreach ($this->shop->shelves->light->lamps->all() as $lamp) {
            foreach ($this->shop->shelves->light->emulsions->all() as $emulsion) {
                foreach ($films as $film) {
                    $asked[] = self::setting($lamp, $emulsion, self::USUAL_UM, false, $film, self::USUAL_HOURS);
                    $asked[] = self::setting($lamp, $emulsion, self::USUAL_UM, true, $film, self::USUAL_HOURS);
                }
            }
        }

        return $asked;
    }

    /** What a setting is of, thickness and hours aside: those are asked of any model. */
    private static function kind(Setting $s): string
    {
        return serialize([$s->lamp, $s->lampKind, $s->emulsion, $s->emulsionKind, $s->dyed, $s->film, $s->distanceMm, $s->emulsionFactor]);
    }

    /** Step tests come first in the order in which they were learned, looks after them. */
    private function time(Setting $setting, PredictedTime $time): TimeOfScreen
    {
        $known = \count($this->testIds());
        $tests = \count(array_filter($time->restsOn, fn (int $i): bool => $i < $known));

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
                film: $s->film(),
                distanceMm: $s->distanceMm(),
                lampHours: $lamp->unitsPerS === null ? $s->lampHours() ?? $lamp->hours : 0.0,
                emulsionFactor: $emulsion->factor,
                startLossS: $lamp->startLossS,
            ),
            $seconds,
        );
    }

    public static function setting(Lamp $lamp, Emulsion $emulsion, float $thicknessUm, bool $dyed, string $film = '', ?float $hours = null): Setting
    {
        return new Setting(
            $lamp->name,
            $lamp->kind,
            $emulsion->name,
            $emulsion->kind,
            $thicknessUm,
            $dyed,
            film: $film,
            distanceMm: $lamp->distanceMm,
            lampHours: $hours ?? $lamp->ageForTimes(),
            emulsionFactor: $emulsion->factor,
            startLossS: $lamp->startLossS,
        );
    }
}
