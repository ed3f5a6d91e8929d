<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\PlateScreen;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Screen\ScreenMove;

/** A plate’s screen was burned, so many seconds. */
final readonly class BurnScreen implements Change
{
    public function __construct(private int $plateId, private float $seconds)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $stencil = PlateScreen::stencil($plate, $shop);
        if ($stencil?->isBurned() === true) {
            if ($stencil->plate() !== $plate) {
                $other = $stencil->plate();
                throw Refused::at(
                    'burnedSeconds',
                    \sprintf(
                        'Frame %s carries the stencil of another plate%s. Reclaim it and coat it anew first.',
                        $stencil->frame->label,
                        $other === null ? '' : ', '.$other->name.' of '.$other->job->name,
                    ),
                );
            }
            throw Refused::at(
                'burnedSeconds',
                \sprintf(
                    'Frame %s was burned already, for %g s. Say that it was not, or make the screen again.',
                    $stencil->frame->label,
                    $stencil->burnedSeconds(),
                ),
            );
        }
        $stencil ??= PlateScreen::untold($plate, 'burnedSeconds', $shop);
        $damp = $stencil->told && $stencil->readyAt > $shop->now();
        $lamp = $plate->job->lamp;
        $stencil->burn($plate, $this->seconds, $lamp, $shop->screens->recipes->thicknessUm($stencil), damp: $damp, at: $shop->now(), film: $plate->job->filmUnderLight($plate));
        $lamp?->burnedFor($this->seconds);
        $frame = $stencil->frame;
        $frame->state = $frame->state->allows(ScreenMove::Burn) ? $frame->state->after(ScreenMove::Burn) : FrameState::Burned;
        $shop->note($frame, \sprintf('Burned %g s with %s of %s%s', $this->seconds, $plate->name, $plate->job->name, $damp ? ', still damp' : ''));

        return 'Burn of '.$plate->name;
    }
}
