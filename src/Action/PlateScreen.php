<?php

declare(strict_types=1);

namespace Ektype\App\Action;

use Ektype\App\Shop\Plate\Plate;
use Ektype\App\Shop\Stencil\Stencil;
use Ektype\Core\Screen\ScreenMove;

/** The stencil on the frame that a plate stands on. */
final class PlateScreen
{
    public static function stencil(Plate $plate, ShopFloor $shop): ?Stencil
    {
        return $shop->screens->stencils->on($plate->frame);
    }

    /**
     * A screen that was coated without a word: what is gauged on it teaches nothing about recipes.
     *
     * @param string $on the quantity that was to belong to it
     *
     * @throws Refused where the plate has no frame
     */
    public static function untold(Plate $plate, string $on, ShopFloor $shop): Stencil
    {
        $frame = $plate->frame ?? throw Refused::at(
            $on,
            'The plate has no frame yet, so there is no screen that this could belong to. Choose a frame first.',
        );
        $stencil = new Stencil(
            $frame,
            $plate->job->emulsion,
            $shop->screens->recipes->for($frame->mesh(), $plate->job->emulsion),
            $shop->now(),
            $shop->now(),
            false,
        );
        $shop->screens->stencils->add($stencil);
        // Nobody told, so whatever the rack said of it, there is a coat on it now.
        $frame->state = $frame->state->allows(
            ScreenMove::Coat,
        ) ? $frame->state->after(ScreenMove::Coat) : \Ektype\Core\Screen\FrameState::Coated;

        return $stencil;
    }
}
