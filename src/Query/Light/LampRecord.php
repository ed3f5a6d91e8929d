<?php

declare(strict_types=1);

namespace Ektype\App\Query\Light;

use Ektype\App\Query\Reckoning\LightBook;
use Ektype\App\Query\Snapshot;
use Ektype\App\Shop\Lamp\Lamp;
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
        $light = $shop->lightBook();
        // Hours, not light: the drift of a lamp with an integrator is its own business, but it is drawn all the same.
        $now = LightBook::setting($lamp, $light->emulsionUnder($lamp), 100.0, false);
        $model = $light->model([$now]);

        return Drift::of($model, $shop->shelves->times->drift($lamp->name, $light->known()), $now);
    }

    public static function penumbraMm(Lamp $lamp, bool $withoutFilm): float
    {
        return (new Penumbra(
            ($withoutFilm ? Contact::WithoutFilm : $lamp->contact)->gapMm(),
            $lamp->sourceMm ?? self::USUAL_SOURCE_MM,
            $lamp->distanceMm ?? self::USUAL_DISTANCE_MM,
        ))->mm;
    }
}
