<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;

/** The stencil was stripped: it came off clean, left a stain, would not come off, or the mesh tore. */
final readonly class ReclaimFrame implements Change
{
    /** @param bool $again whether the screen of the plate that holds it is made again: its burn is given up */
    public function __construct(private int $frameId, private Came $came, private bool $again = false)
    {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $frame = $shop->screens->frames->get($this->frameId);
        $holder = $shop->plates->on($frame);
        $on = $shop->screens->stencils->on($frame);
        if ($holder !== null && $on?->isBurned() === true && $on->plate() === $holder && !$this->again) {
            throw Refused::because(
                \sprintf(
                    'Frame %s still holds %s of %s. Give it back at Screens first: its stencil would be lost.',
                    $frame->label,
                    $holder->name,
                    $holder->job->name,
                ),
            );
        }
        if (!$frame->state->allows($this->came->move()) || ($on === null && $frame->state === \Ektype\Core\Screen\FrameState::Bare)) {
            throw Refused::because(\sprintf('Frame %s is %s: there is nothing to reclaim.', $frame->label, $frame->state->value));
        }
        $frame->state = $frame->state->after($this->came->move());
        $frame->locked = $this->came === Came::Locked;
        $shop->note($frame, $this->came->words());
        if ($this->came !== Came::Locked) {
            // What was seen on it stays with the stencil; the plate begins anew.
            $on?->comeOff($shop->now());
            $holder?->didBeforeLight([]);
            $frame->stained = $this->came === Came::Stained;
            ++$frame->uses;
        }
        if ($this->came === Came::Torn) {
            $holder?->standOn(null);
        }

        return \sprintf('Frame %s: %s', $frame->label, lcfirst($this->came->words()));
    }
}
