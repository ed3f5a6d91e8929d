<?php

declare(strict_types=1);

namespace Ektype\App\Action\Light;

use Ektype\App\Action\Change;
use Ektype\App\Action\PlateScreen;
use Ektype\App\Action\ShopFloor;
use Ektype\Core\Screen\ScreenMove;

/** A plate’s screen was not burned after all. */
final readonly class WasNotBurned implements Change
{
    public function __construct(private int $plateId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $stencil = PlateScreen::stencil($plate, $shop);
        if ($stencil === null || !$stencil->isBurned() || $stencil->plate() !== $plate) {
            return '';
        }
        $stencil->lamp()?->burnedFor(-($stencil->burnedAt() === null ? 0.0 : $stencil->burnedSeconds() ?? 0.0));
        $stencil->wasNotBurned();
        $frame = $stencil->frame;
        $frame->state = $frame->state->after(ScreenMove::WasNotBurned);
        $shop->note($frame, 'Was not burned after all');

        return $plate->name.' was not burned';
    }
}
