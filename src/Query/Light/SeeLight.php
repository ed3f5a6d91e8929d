<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Device\ExposureLamp;
use Ektype\App\Query\Moment;
use Ektype\App\Query\Reckoning\PlateOnMesh;
use Ektype\App\Query\Reckoning\ScreenBook;
use Ektype\App\Query\Reckoning\SurpriseOfTest;
use Ektype\App\Query\Reckoning\TimeOfScreen;
use Ektype\App\Query\Shelves\StepTestOnShelf;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\Plate\BeforeLight;
use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\StepTest\StepTest;
use Ektype\Core\Exposure\LightFault;
use Ektype\Core\Exposure\LikeScreens;
use Ektype\Core\Exposure\SchoolSays;
use Ektype\Core\Exposure\TimerSetting;
use Ektype\Core\Lamp\Contact;

/** The bench of the light. */
final readonly class SeeLight
{
    /** So many of the latest tests of its lamp and emulsion lie beside a job. */
    private const TESTS = 40;

    public function __construct(private Moment $moment, private ExposureLamp $device)
    {
    }

    public function of(int $jobId): LightBench
    {
        return $this->moment->see(fn (Snapshot $shop): LightBench => $this->bench($jobId, $shop));
    }

    private function bench(int $jobId, Snapshot $shop): LightBench
    {
        $job = $shop->shelves->jobs->whole($jobId);
        $book = new ScreenBook($job, $shop);
        $light = $shop->lightBook();
        $tests = $job->lamp === null || $job->emulsion === null ? [] : $shop->shelves->light->stepTests->latestUnder($job->lamp, $job->emulsion, self::TESTS);
        $shown = array_map(static fn (StepTest $t): int => $t->idOrFail(), $tests);
        $times = $light->times($job, array_map(static fn (Plate $p, int $i): PlateOnMesh => new PlateOnMesh($p, $book->mesh($i)), $book->plates, array_keys($book->plates)));

        return new LightBench(
            $job->lamp->name ?? '',
            $job->emulsion->name ?? '',
            array_map(StepTestOnShelf::of(...), $tests),
            $times === null ? [] : array_values(array_filter(
                $light->surprises($light->model(array_map(static fn (TimeOfScreen $t) => $t->setting, $times))),
                static fn (SurpriseOfTest $of): bool => \in_array($of->id, $shown, true),
            )),
            $times === null ? [] : self::batches($times, $book, $shop),
            $job->oneTime,
            withoutFilm: $job->withoutFilm,
            film: $job->filmUnderLight(),
            due: $job->lamp === null ? '' : LampRecord::of($job->lamp, $shop)->due,
            device: $this->device->name(),
            plates: array_map(
                static fn (Plate $p, int $i): LightOfPlate => self::plate($p, $i, $book, $shop, $times[$i] ?? null),
                $book->plates,
                array_keys($book->plates),
            ),
        );
    }

    /**
     * @param list<TimeOfScreen> $times
     *
     * @return list<BatchUnderLight>
     */
    private static function batches(array $times, ScreenBook $book, Snapshot $shop): array
    {
        $open = array_values(array_filter(array_keys($times), static fn (int $i): bool => $shop->burnedSeconds($book->plates[$i]) === null));
        $settings = array_map(static fn (int $i) => $times[$i]->setting, $open);
        $own = array_map(static fn (int $i) => $times[$i]->time, $open);
        $like = $book->job->oneTime ? LikeScreens::of($settings, $own) : LikeScreens::ofOneTime($settings, $own);

        return array_map(static fn (LikeScreens $batch): BatchUnderLight => new BatchUnderLight(
            array_map(static fn (int $i): int => $book->plates[$open[$i]]->idOrFail(), $batch->screens),
            TimerSetting::seconds($batch->seconds),
            TimerSetting::words($batch->seconds),
        ), $like);
    }

    private static function inkMind(Plate $plate, ?Emulsion $emulsion): string
    {
        return $plate->ink === null || $emulsion === null ? '' : $emulsion->resists->against($plate->ink->kind, $emulsion->name);
    }

    private static function plate(Plate $plate, int $i, ScreenBook $book, Snapshot $shop, ?TimeOfScreen $time): LightOfPlate
    {
        $on = $shop->stencilOf($plate);
        $mesh = $book->mesh($i);
        $lamp = $book->job->lamp;
        $without = $on?->isBurned() === true ? $on->withoutFilm() : $book->job->withoutFilm;
        $penumbra = $lamp === null ? 0.0 : LampRecord::penumbraMm($lamp, $without);
        $seen = $on?->seen();

        return new LightOfPlate(
            id: $plate->idOrFail(),
            light: $book->lightFigure($i),
            screen: new ScreenInLight(
                meshGeometry: $mesh,
                thicknessUm: $mesh->thicknessUm + $shop->stencilBook()->eomUm($plate, $mesh),
                placement: $without ? null : $book->placement($plate),
                stencilNow: $on === null ? null : $shop->stencilBook()->now($on),
                beforeLight: $plate->beforeLight(),
                beforeLightAsked: BeforeLight::asked($without),
                contactSays: ($lamp->contact ?? Contact::Vacuum)->drawn(),
            ),
            seen: new SeenOnScreen(
                sinkCheck: $seen,
                faults: $seen === null || $time === null ? [] : LightFault::of($seen, $time->time, $on->burnedSeconds(), $on->burnedDamp, $penumbra, $without ? null : $book->job->filmPrinter?->density),
                says: $time === null ? '' : $time->time->sure(),
                inkMind: self::inkMind($plate, $on->emulsion ?? $book->job->emulsion),
            ),
            schools: $time === null ? [] : SchoolSays::of($time->time, $time->setting, $penumbra),
            shares: $time === null ? [] : array_map(static fn (string $cause, float $share): ShareOfDoubt => new ShareOfDoubt($cause, 100 * $share), array_keys($time->time->shares), array_values($time->time->shares)),
            units: $lamp?->unitsPerS === null || $time === null ? null : round($lamp->unitsPerS * ($on?->burnedSeconds() ?? TimerSetting::seconds($time->time->seconds)), 1),
            penumbraMm: $penumbra,
        );
    }
}
