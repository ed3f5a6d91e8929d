<?php

declare(strict_types=1);

namespace Ektype\App\Action\Screens;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\TensionReading\TensionReading;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\ScreenMove;
use Ektype\Core\Screen\Tension;

/** A frame got new mesh: the trend of the old one ends here. */
final readonly class StretchFrame implements Change
{
    public function __construct(
        private int $frameId,
        private float $tensionNPerCm,
        private ?float $threadsPerCm = null,
        private ?float $threadUm = null,
        private ?bool $dyed = null,
        private ?string $stretchedOn = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $frame = $shop->screens->frames->get($this->frameId);
        $holder = $shop->plates->on($frame);
        if ($holder !== null) {
            throw Refused::because(
                \sprintf(
                    'Frame %s still holds %s of %s. Give it back at Screens before its mesh is cut out.',
                    $frame->label,
                    $holder->name,
                    $holder->job->name,
                ),
            );
        }
        $mesh = $shop->screens->ownMeshes->bySheet(
            new Mesh($this->threadsPerCm ?? $frame->threadsPerCm, $this->threadUm ?? $frame->threadUm, $this->dyed ?? $frame->dyed),
        );
        $on = $this->stretchedOn ?? $shop->now()->format('Y-m-d');
        $frame->carry($mesh);
        $frame->stretchedOn = $on;
        $frame->uses = 0;
        $frame->stained = $frame->locked = false;
        $frame->tensionNPerCm = $this->tensionNPerCm;
        $frame->state = $frame->state->after(ScreenMove::Stretch);
        $shop->screens->stencils->on($frame)?->comeOff(new \DateTimeImmutable($on));
        $places = array_fill(0, Tension::PLACES, $this->tensionNPerCm);
        $shop->screens->tensions->add(new TensionReading($frame, $on, $places, $places));
        $said = \sprintf('Stretched with %s at %.1f N/cm', $mesh->name, $this->tensionNPerCm);
        $shop->note($frame, $said);

        return \sprintf('Frame %s: %s', $frame->label, lcfirst($said));
    }
}
