<?php

declare(strict_types=1);

namespace Ektype\App\Api\Shelves;

use Ektype\App\Shop\Frame\Frame;
use OpenApi\Attributes as OA;

/** A frame in the rack. */
#[OA\Schema]
final readonly class FrameView
{
    public function __construct(
        #[OA\Property]
        public int $id,
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public string $mesh,
        #[OA\Property]
        public float $threadsPerCm,
        #[OA\Property]
        public bool $dyed,
        #[OA\Property]
        public float $insideWidthMm,
        #[OA\Property]
        public float $insideHeightMm,
        #[OA\Property]
        public float $tensionNPerCm,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public ?float $outsideWidthMm,
        #[OA\Property]
        public ?float $outsideHeightMm,
        #[OA\Property]
        public float $meshAngleDeg,
        #[OA\Property]
        public string $rackPlace,
        #[OA\Property]
        public ?string $stretchedOn,
        #[OA\Property(description: 'Stencils that this mesh has carried')]
        public int $uses,
        #[OA\Property]
        public bool $stained,
        #[OA\Property]
        public bool $locked,
        #[OA\Property]
        public float $threadUm,
    ) {
    }

    public static function of(Frame $of): self
    {
        return new self($of->idOrFail(), $of->label, $of->mesh()->name(), $of->threadsPerCm, $of->dyed, $of->insideWidthMm, $of->insideHeightMm, $of->tensionNPerCm, $of->state, $of->outsideWidthMm, $of->outsideHeightMm, $of->meshAngleDeg, $of->rackPlace, $of->stretchedOn, $of->uses, $of->stained, $of->locked, $of->threadUm);
    }
}
