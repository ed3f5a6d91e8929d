<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutFrames;
use Ektype\App\Request\Within;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Tension;

/** So many frames alike. */
final readonly class FramesEntry
{
    public function __construct(
        #[Within(1, PutFrames::MOST)]
        public int $count,
        public float $threadsPerCm,
        public float $threadUm,
        #[Within(50, 3000, 'mm')]
        public float $insideWidthMm,
        #[Within(50, 3000, 'mm')]
        public float $insideHeightMm,
        public bool $dyed = false,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public ?float $tensionNPerCm = null,
    ) {
    }

    public function change(): PutFrames
    {
        return new PutFrames(
            $this->count,
            new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed),
            $this->insideWidthMm,
            $this->insideHeightMm,
            $this->tensionNPerCm ?? Tension::USUAL,
            $this->tensionNPerCm === null,
        );
    }
}
