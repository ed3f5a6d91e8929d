<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Jobs\GivenBack;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Frame\Frame;
use Ektype\App\Shop\Plate\Plate;
use Ektype\Core\Screen\ScreenMove;

/** Gives a plate its frame, or takes it away. A burned screen keeps its picture: given back to its own plate it is burned still. */
final readonly class GiveFrame implements Change
{
    /** @param int|null $frameId null gives the frame back */
    public function __construct(private int $plateId, private ?int $frameId)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $plate = $shop->plates->get($this->plateId);
        $frame = $this->frameId === null ? null : $shop->screens->frames->find($this->frameId) ?? throw Refused::at(
            'frame',
            'That frame is not in the rack any more. Choose another.',
        );
        if ($frame !== null && $frame === $plate->frame) {
            return 'Frame of '.$plate->name;
        }
        if ($frame !== null) {
            self::canHold($plate, $frame, $shop);
        }
        self::move($plate, $frame, $shop);

        return 'Frame of '.$plate->name;
    }

    public static function move(Plate $plate, ?Frame $frame, ShopFloor $shop): void
    {
        if ($plate->frame === $frame) {
            return;
        }
        GivenBack::by($plate, $shop);
        $plate->standOn($frame);
        $on = $shop->screens->stencils->on($frame);
        if ($frame !== null && $on !== null && $on->isBurned() && $on->plate() === $plate && $frame->state->allows(ScreenMove::TakeUp)) {
            $frame->state = $frame->state->after(ScreenMove::TakeUp);
            $shop->note($frame, \sprintf('Taken up again by %s of %s, burned as it is', $plate->name, $plate->job->name));
        }
    }

    /** @throws Refused where the plate cannot stand on it */
    private static function canHold(Plate $plate, Frame $frame, ShopFloor $shop): void
    {
        $other = $shop->plates->on($frame);
        if ($other !== null) {
            throw Refused::at(
                'frame',
                \sprintf(
                    'Frame %s carries %s%s. A frame holds one stencil at a time: choose another, or give it back there first.',
                    $frame->label,
                    $other->name,
                    $other->job === $plate->job ? '' : ' of '.$other->job->name,
                ),
            );
        }
        if ($frame->insideWidthMm < $plate->job->widthMm || $frame->insideHeightMm < $plate->job->heightMm()) {
            throw Refused::at('frame', \sprintf('Frame %s is %.0f × %.0f mm inside, the print %.0f × %.0f mm: it does not go on it. Choose a larger frame, or make the print smaller.', $frame->label, $frame->insideWidthMm, $frame->insideHeightMm, $plate->job->widthMm, $plate->job->heightMm()));
        }
        if (!$frame->state->canBeTaken()) {
            throw Refused::at(
                'frame',
                \sprintf('Frame %s is %s. Choose another, or change its state on the rack.', $frame->label, $frame->state->value),
            );
        }
    }
}
