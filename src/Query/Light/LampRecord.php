<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\Core\Exposure\EmulsionKind;
use Ektype\Core\Exposure\ExposureModel;
use Ektype\Core\Exposure\Setting;
use Ektype\Core\Exposure\TestReading;
use Ektype\Core\Lamp\Contact;
use Ektype\Core\Lamp\Drift;
use Ektype\Core\Lamp\Penumbra;

/** How a lamp fades, and how sharp its light is. */
final class LampRecord
{
    /** Of a lamp that nobody measured: so wide is what shines, so far it stands, mm (heuristic). */
    public const USUAL_SOURCE_MM = 120.0;
    public const USUAL_DISTANCE_MM = 600.0;

    public static function of(Lamp $lamp, Snapshot $shop): Drift
    {
        $tests = $shop->lightBook()->readings();
        // Hours, not light: the drift of a lamp with an integrator is its own business, but it is drawn all the same.
        $now = new Setting($lamp->name, $lamp->kind, self::anEmulsion($tests, $lamp->name), EmulsionKind::DualCure, 100.0, false, '', $lamp->distanceMm, $lamp->ageForTimes());
        $asked = [$now];
        foreach ($tests as $test) {
            if ($test->setting->lamp === $lamp->name) {
                $asked[] = $test->setting->withHours(0.0);
            }
        }

        return Drift::of(new ExposureModel($tests, $asked), $tests, $now);
    }

    public static function penumbraMm(Lamp $lamp, bool $withoutFilm): float
    {
        return (new Penumbra(
            ($withoutFilm ? Contact::WithoutFilm : $lamp->contact)->gapMm(),
            $lamp->sourceMm ?? self::USUAL_SOURCE_MM,
            $lamp->distanceMm ?? self::USUAL_DISTANCE_MM,
        ))->mm;
    }

    /** @param list<TestReading> $tests */
    private static function anEmulsion(array $tests, string $lamp): string
    {
        foreach ($tests as $test) {
            if ($test->setting->lamp === $lamp) {
                return $test->setting->emulsion;
            }
        }

        return 'any';
    }
}
