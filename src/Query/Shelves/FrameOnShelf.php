<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\FrameState;

/** A frame in the rack. */
final readonly class FrameOnShelf
{
    /** @param int $uses stencils that this mesh has carried */
    private function __construct(
        public int $id,
        public string $label,
        public Mesh $mesh,
        public float $insideWidthMm,
        public float $insideHeightMm,
        public float $tensionNPerCm,
        public FrameState $state,
        public ?float $outsideWidthMm,
        public ?float $outsideHeightMm,
        public float $meshAngleDeg,
        public string $rackPlace,
        public ?string $stretchedOn,
        public int $uses,
        public bool $stained,
        public bool $locked,
        public bool $assumed,
    ) {
    }

    public static function of(Frame $of): self
    {
        return new self(
            $of->idOrFail(),
            $of->label,
            $of->mesh(),
            $of->insideWidthMm,
            $of->insideHeightMm,
            $of->tensionNPerCm,
            state: $of->state,
            outsideWidthMm: $of->outsideWidthMm,
            outsideHeightMm: $of->outsideHeightMm,
            meshAngleDeg: $of->meshAngleDeg,
            rackPlace: $of->rackPlace,
            stretchedOn: $of->stretchedOn,
            uses: $of->uses,
            stained: $of->stained,
            locked: $of->locked,
            assumed: $of->assumed,
        );
    }
}
