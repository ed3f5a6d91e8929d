<?php

declare(strict_types=1);

namespace Ektype\App\Query\Shelves;

use Ektype\App\Query\PartsBeside;
use Ektype\App\Shop\Frame\Frame;
use Ektype\Core\Mesh\Mesh;
use Ektype\Core\Screen\FrameState;
use Ektype\Core\Unit\Beside;

/** A frame in the rack. */
final readonly class FrameOnShelf implements \JsonSerializable
{
    use PartsBeside;

    private function __construct(
        public int $id,
        public string $label,
        public Mesh $mesh,
        #[Beside]
        public SizeOfFrame $size,
        #[Beside]
        public WearOfFrame $wear,
        public FrameState $state,
        public string $rackPlace,
        public bool $assumed,
    ) {
    }

    public static function of(Frame $of): self
    {
        return new self(
            id: $of->idOrFail(),
            label: $of->label,
            mesh: $of->mesh(),
            size: new SizeOfFrame(
                insideWidthMm: $of->insideWidthMm,
                insideHeightMm: $of->insideHeightMm,
                outsideWidthMm: $of->outsideWidthMm,
                outsideHeightMm: $of->outsideHeightMm,
            ),
            wear: new WearOfFrame(
                tensionNPerCm: $of->tensionNPerCm,
                meshAngleDeg: $of->meshAngleDeg,
                stretchedOn: $of->stretchedOn,
                uses: $of->uses,
                stained: $of->stained,
                locked: $of->locked,
            ),
            state: $of->state,
            rackPlace: $of->rackPlace,
            assumed: $of->assumed,
        );
    }
}
