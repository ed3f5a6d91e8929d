<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\Screens\SayFrame;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Mesh\Mesh;

/** Puts a frame into the rack, or says of one what it is. Its mesh follows the shop’s data sheet. */
final readonly class PutFrame implements Change
{
    /** @param int|null $id null for a new one */
    public function __construct(
        private ?int $id,
        private string $label,
        private Mesh $mesh,
        private float $insideWidthMm,
        private float $insideHeightMm,
        private float $tensionNPerCm,
        private ?string $stretchedOn = null,
        private string $rackPlace = '',
        private ?float $outsideWidthMm = null,
        private ?float $outsideHeightMm = null,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        $mesh = $shop->screens->ownMeshes->bySheet($this->mesh);
        $frame = $this->id === null ? new Frame(
            $this->label,
            $mesh->threadsPerCm,
            $mesh->threadUm,
            $mesh->dyed,
            $this->insideWidthMm,
            $this->insideHeightMm,
            tensionNPerCm: $this->tensionNPerCm,
        ) : $shop->screens->frames->get($this->id);
        FreeName::must($shop->screens->frames->labelled($this->label), $frame, $this->label, 'label');
        SayFrame::outside('outsideWidth', $this->outsideWidthMm, $this->insideWidthMm);
        SayFrame::outside('outsideHeight', $this->outsideHeightMm, $this->insideHeightMm);
        if ($this->id !== null && !$frame->carries($mesh) && $shop->screens->stencils->on($frame) !== null) {
            throw Refused::at('threads', \sprintf('There is a stencil on frame %s: its mesh cannot be another one now. Reclaim it first, then say that it was stretched anew.', $frame->label));
        }
        $frame->assumed = $frame->assumed && $frame->tensionNPerCm === $this->tensionNPerCm;
        $frame->carry($mesh);
        [$frame->label, $frame->insideWidthMm, $frame->insideHeightMm] = [$this->label, $this->insideWidthMm, $this->insideHeightMm];
        [$frame->tensionNPerCm, $frame->stretchedOn, $frame->rackPlace] = [$this->tensionNPerCm, $this->stretchedOn, $this->rackPlace];
        [$frame->outsideWidthMm, $frame->outsideHeightMm] = [$this->outsideWidthMm, $this->outsideHeightMm];
        $shop->screens->frames->add($frame);

        return 'Frame '.$this->label;
    }
}
