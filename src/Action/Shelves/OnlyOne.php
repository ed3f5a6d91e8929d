<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Emulsion\Emulsion;
use Ektype\App\Shop\FilmPrinter\FilmPrinter;
use Ektype\App\Shop\Lamp\Lamp;
use Ektype\App\Shop\Press\Press;

/** The only tool of its kind is taken by itself: by jobs that were begun before the shop had it. */
final class OnlyOne
{
    public static function taken(ShopFloor $shop, Lamp|Emulsion|Press|FilmPrinter $tool): void
    {
        $shop->settle();
        $shelf = match (true) {
            $tool instanceof Lamp => $shop->light->lamps,
            $tool instanceof Emulsion => $shop->light->emulsions,
            $tool instanceof Press => $shop->printing->presses,
            $tool instanceof FilmPrinter => $shop->printing->filmPrinters,
        };
        if ($shelf->only() !== $tool) {
            return;
        }
        foreach ($shop->jobs->all() as $job) {
            if ($job->finishedOn !== null) {
                continue;
            }
            match (true) {
                $tool instanceof Lamp => $job->lamp ??= $tool,
                $tool instanceof Emulsion => $job->emulsion ??= $tool,
                $tool instanceof Press => $job->press ??= $tool,
                // Films that were written for no printer are for this one as soon as they are written again.
                $tool instanceof FilmPrinter => $job->filmPrinter ??= $tool,
            };
        }
    }
}
