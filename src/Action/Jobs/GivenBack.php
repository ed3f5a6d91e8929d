<?php

declare(strict_types=1);

namespace Ektype\App\Action\Jobs;

use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Screen\ScreenMove;

/** A plate gives its frame back: a burned screen keeps its picture and waits to be reclaimed. */
final class GivenBack
{
    public static function by(Plate $plate, ShopFloor $shop): void
    {
        $frame = $plate->frame;
        if ($frame === null) {
            return;
        }
        if ($shop->screens->stencils->on($frame)?->isBurned() === true) {
            $frame->state = $frame->state->after(ScreenMove::PutOff);
            $shop->note($frame, \sprintf('Given back by %s of %s', $plate->name, $plate->job->name));
        }
        $plate->standOn(null);
    }

    /** The plate itself goes: screens that carry its picture outlive it, and undo finds whose they were. */
    public static function forGood(Plate $plate, ShopFloor $shop): void
    {
        self::by($plate, $shop);
        foreach ($shop->screens->stencils->everFor($plate) as $stencil) {
            $stencil->outlivesItsPlate();
        }
    }
}
