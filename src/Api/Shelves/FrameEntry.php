<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Action\Shelves\PutFrame;
use Ektype\App\Request\Day;
use Ektype\App\Request\Within;
use Ektype\App\Request\Words;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\Tension;

/** A frame with its mesh. */
final readonly class FrameEntry implements Entry
{
    public function __construct(
        #[Words(20)]
        public string $label,
        public float $threadsPerCm,
        public float $threadUm,
        #[Within(50, 3000, 'mm')]
        public float $insideWidthMm,
        #[Within(50, 3000, 'mm')]
        public float $insideHeightMm,
        #[Within(Tension::LEAST, Tension::MOST, 'N/cm')]
        public float $tensionNPerCm,
        public bool $dyed = false,
        #[Day(hasBeen: true)]
        public ?string $stretchedOn = null,
        #[Words(20, mayBeEmpty: true)]
        public string $rackPlace = '',
        #[Within(50, 4000, 'mm')]
        public ?float $outsideWidthMm = null,
        #[Within(50, 4000, 'mm')]
        public ?float $outsideHeightMm = null,
    ) {
    }

    public function change(?int $id): PutFrame
    {
        // The mesh itself refuses a thread that its pitch has no room for.
        return new PutFrame(
            $id,
            trim($this->label),
            new Mesh($this->threadsPerCm, $this->threadUm, $this->dyed),
            $this->insideWidthMm,
            $this->insideHeightMm,
            $this->tensionNPerCm,
            stretchedOn: $this->stretchedOn,
            rackPlace: $this->rackPlace,
            outsideWidthMm: $this->outsideWidthMm,
            outsideHeightMm: $this->outsideHeightMm,
        );
    }
}
