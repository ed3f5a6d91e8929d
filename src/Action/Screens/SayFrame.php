<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Screen\FrameState;

/** What the shop says of a frame: how it stands, where, how large it is outside, how its mesh lies in it. null leaves a thing as it is. */
final readonly class SayFrame implements Change
{
    public function __construct(
        private int $frameId,
        private ?FrameState $state = null,
        private ?string $rackPlace = null,
        private ?float $outsideWidthMm = null,
        private ?float $outsideHeightMm = null,
        private ?float $meshAngleDeg = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $frame = $shop->screens->frames->get($this->frameId);
        $what = [];
        if ($this->state !== null && $this->state !== $frame->state) {
            $this->stands($frame, $this->state, $shop);
            $what[] = 'Now '.$this->state->value;
        }
        if ($this->rackPlace !== null) {
            $frame->rackPlace = $this->rackPlace;
            $what[] = $this->rackPlace === '' ? 'Has no place' : 'Stands at '.$this->rackPlace;
        }
        if ($this->outsideWidthMm !== null || $this->outsideHeightMm !== null) {
            self::outside('outsideWidth', $this->outsideWidthMm, $frame->insideWidthMm);
            self::outside('outsideHeight', $this->outsideHeightMm, $frame->insideHeightMm);
            $frame->outsideWidthMm = $this->outsideWidthMm ?? $frame->outsideWidthMm;
            $frame->outsideHeightMm = $this->outsideHeightMm ?? $frame->outsideHeightMm;
            $what[] = 'Measured outside';
        }
        if ($this->meshAngleDeg !== null) {
            $frame->meshAngleDeg = $this->meshAngleDeg;
            $what[] = \sprintf('Mesh at %g° in the frame', $this->meshAngleDeg);
        }
        foreach ($what as $said) {
            $shop->note($frame, $said);
        }

        return \sprintf('Frame %s: %s', $frame->label, lcfirst(implode(', ', $what)));
    }

    /** The rack is told how a frame stands, whatever Ektype thought: the stencil on it follows. */
    private function stands(Frame $frame, FrameState $state, ShopFloor $shop): void
    {
        $on = $shop->screens->stencils->on($frame);
        $holder = $shop->plates->on($frame);
        if ($holder !== null && $on?->isBurned() === true && \in_array(
            $state,
            [FrameState::Bare, FrameState::Coated, FrameState::ToStretch],
            true,
        )) {
            throw Refused::at(
                'state',
                \sprintf(
                    'Frame %s holds the burned %s of %s. Give it back at Screens first.',
                    $frame->label,
                    $holder->name,
                    $holder->job->name,
                ),
            );
        }
        if ($state === FrameState::Coated && $on?->isBurned() === true) {
            throw Refused::at('state', \sprintf('The stencil on frame %s was burned. Reclaim it, then coat it anew.', $frame->label));
        }
        if ($state === FrameState::Burned && $on?->isBurned() !== true) {
            throw Refused::at(
                'state',
                \sprintf('Frame %s is not marked as burned here. Burn its plate at Light: then its time is kept too.', $frame->label),
            );
        }
        if (\in_array($state, [FrameState::Bare, FrameState::ToStretch], true)) {
            $on?->comeOff($shop->now());
        }
        $frame->state = $state;
    }

    /** @throws Refused where a frame would be larger inside than outside */
    public static function outside(string $side, ?float $outsideMm, float $insideMm): void
    {
        if ($outsideMm !== null && $outsideMm <= $insideMm) {
            throw Refused::at(
                $side,
                \sprintf(
                    'The frame is %.0f mm inside, so %.0f mm outside leaves no wood or metal. Swap the two, or measure again.',
                    $insideMm,
                    $outsideMm,
                ),
            );
        }
    }
}
