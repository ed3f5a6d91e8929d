<?php

declare(strict_types=1);

namespace Ektype\App\Action\Shelves;

use Ektype\App\Action\Change;
use Ektype\App\Action\Refused;
use Ektype\App\Action\ShopFloor;
use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Mesh\Mesh;

/** Puts so many frames alike into the rack, numbered on from the highest number there. */
final readonly class PutFrames implements Change
{
    /** Of one go; a rack of more is a mistyped number. */
    public const MOST = 200;

    /** @param bool $assumed whether their tension is only taken to be so */
    public function __construct(
        private int $count,
        private Mesh $mesh,
        private float $insideWidthMm,
        private float $insideHeightMm,
        private float $tensionNPerCm,
        private bool $assumed = true,
    ) {
    }

    public function carryOut(ShopFloor $shop): string
    {
        if ($this->count < 1 || $this->count > self::MOST) {
            throw Refused::at('count', \sprintf('Between 1 and %d frames are put up in one go; %d were asked for.', self::MOST, $this->count));
        }
        $mesh = $shop->screens->ownMeshes->bySheet($this->mesh);
        $first = $number = $shop->screens->frames->nextNumber();
        for ($i = 0; $i < $this->count; ++$i, ++$number) {
            $frame = new Frame(
                (string) $number,
                $mesh->threadsPerCm,
                $mesh->threadUm,
                $mesh->dyed,
                $this->insideWidthMm,
                $this->insideHeightMm,
                tensionNPerCm: $this->tensionNPerCm,
            );
            $frame->carry($mesh);
            $frame->assumed = $this->assumed;
            $shop->screens->frames->add($frame);
        }
        $shop->settle();

        return $this->count === 1 ? 'Frame '.$first : \sprintf('Frames %d to %d', $first, $number - 1);
    }
}
